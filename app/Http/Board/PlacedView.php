<?php

declare(strict_types=1);

namespace App\Http\Board;

use OpenApi\Attributes as OA;

/** A placing that was saved, and how to take it back. */
#[OA\Schema]
final readonly class PlacedView
{
    public function __construct(
        public string $placement,
        public string $sentence,
    ) {}
}
