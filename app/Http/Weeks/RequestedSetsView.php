<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use OpenApi\Attributes as OA;

/** Sets of a ladder fixed in one place of every week; 0 keeps it out of there. */
#[OA\Schema]
final readonly class RequestedSetsView
{
    public function __construct(
        public string $slot,
        public string $ladder,
        public int $sets,
    ) {}
}
