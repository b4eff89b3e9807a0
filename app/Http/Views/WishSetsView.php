<?php

declare(strict_types=1);

namespace App\Http\Views;

use OpenApi\Attributes as OA;

/** Sets of a ladder fixed in one place of every week; 0 keeps it out of there. */
#[OA\Schema]
final readonly class WishSetsView
{
    public function __construct(
        #[OA\Property]
        public string $slot,
        #[OA\Property]
        public string $ladder,
        #[OA\Property]
        public int $sets,
    ) {}
}
