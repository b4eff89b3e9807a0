<?php

declare(strict_types=1);

namespace App\Http\Checks;

use OpenApi\Attributes as OA;

/** One reading of a cuff. */
#[OA\Schema]
final readonly class BraceSampleInput
{
    public function __construct(
        #[OA\Property(description: 'since the check began')]
        public int $ms,
        #[OA\Property]
        public float $mmHg,
    ) {}
}
