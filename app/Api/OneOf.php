<?php

declare(strict_types=1);

namespace App\Api;

use Attribute;
use OpenApi\Attributes as OA;

/** A property whose value is one of an enum's. */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final class OneOf extends OA\Property
{
    /** @param class-string<\BackedEnum> $of */
    public function __construct(string $of)
    {
        parent::__construct(type: 'string', enum: array_map(static fn(\BackedEnum $case): string => (string) $case->value, $of::cases()));
    }
}
