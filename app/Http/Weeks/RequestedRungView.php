<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use OpenApi\Attributes as OA;

/** A rung fixed on a ladder from a week on. */
#[OA\Schema]
final readonly class RequestedRungView
{
    public function __construct(
        #[OA\Property]
        public int $week,
        #[OA\Property]
        public string $ladder,
        #[OA\Property]
        public string $rung,
    ) {}
}
