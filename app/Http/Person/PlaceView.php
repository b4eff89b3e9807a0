<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** A place the person trains at, and the kit there. */
#[OA\Schema]
final readonly class PlaceView
{
    /** @param list<string> $kit */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[ListOf('string')]
        public array $kit,
        #[OA\Property(description: 'weights that are there, in kilograms, such as “4, 8, 12.5”; empty when nobody has said')]
        public string $weights,
    ) {}
}
