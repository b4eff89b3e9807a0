<?php

declare(strict_types=1);

namespace App\Api;

use Attribute;
use OpenApi\Attributes as OA;

/** A property whose value is one of an enum's. */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final class OneOf extends OA\Property
{
    /**
     * @param class-string<\BackedEnum> $of
     * @param string|null               $property its name, where it does not stand on one
     */
    public function __construct(string $of, bool $nullable = false, ?string $property = null)
    {
        $values = array_map(static fn(\BackedEnum $case): string => (string) $case->value, $of::cases());
        if ($nullable) {
            // OpenAPI 3.0 wants null among the values as well, which the library's own type does not foresee.
            // @phpstan-ignore argument.type
            parent::__construct(property: $property, type: 'string', enum: [...$values, null], nullable: true);
        } else {
            parent::__construct(property: $property, type: 'string', enum: $values);
        }
    }
}
