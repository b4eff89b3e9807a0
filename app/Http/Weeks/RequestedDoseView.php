<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use OpenApi\Attributes as OA;

/** A dose fixed on a ladder for a week, as a typed line. */
#[OA\Schema]
final readonly class RequestedDoseView
{
    public function __construct(
        #[OA\Property]
        public int $week,
        #[OA\Property]
        public string $ladder,
        #[OA\Property(description: 'the rung it is written for')]
        public string $rung,
        #[OA\Property]
        public string $dose,
    ) {}
}
