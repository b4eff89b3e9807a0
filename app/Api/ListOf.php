<?php

declare(strict_types=1);

namespace App\Api;

use Attribute;
use OpenApi\Attributes as OA;

/** A property that is a list: of a class, or of `string`, `integer`. */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final class ListOf extends OA\Property
{
    /** @param list<string>|null $enum allowed texts */
    public function __construct(string $of, ?int $maxItems = null, ?array $enum = null)
    {
        $items = match (true) {
            $enum !== null => new OA\Items(type: 'string', enum: $enum),
            $of === 'string' || $of === 'integer' => new OA\Items(type: $of),
            default => new OA\Items(ref: Path::schema($of)),
        };
        parent::__construct(type: 'array', items: $items, maxItems: $maxItems);
    }
}
