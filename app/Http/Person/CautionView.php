<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** A limit that holds for the person: what it asks, what it does, and where it comes from. */
#[OA\Schema]
final readonly class CautionView
{
    /** @param list<string> $effects */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $origin,
        #[OA\Property]
        public string $caution,
        #[ListOf('string')]
        public array $effects,
    ) {}
}
