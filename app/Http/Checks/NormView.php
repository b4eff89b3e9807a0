<?php

declare(strict_types=1);

namespace App\Http\Checks;

use OpenApi\Attributes as OA;

/** The published group a hold is compared with, in seconds. */
#[OA\Schema]
final readonly class NormView
{
    public function __construct(
        #[OA\Property]
        public int $mean,
        #[OA\Property]
        public int $sd,
        #[OA\Property(description: 'minimal detectable change')]
        public float $detectable,
    ) {}
}
