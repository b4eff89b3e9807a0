<?php

declare(strict_types=1);

namespace App\Api;

use Attribute;
use OpenApi\Attributes as OA;

/** A property that maps names to values of one type. */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final class MapOf extends OA\Property
{
    public function __construct(string $of)
    {
        parent::__construct(type: 'object', additionalProperties: new OA\AdditionalProperties(type: $of));
    }
}
