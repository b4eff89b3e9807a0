<?php

declare(strict_types=1);

namespace App\Http\Checks;

use OpenApi\Attributes as OA;

/** A mark on a picture, in its pixels: x to the right, y down. */
#[OA\Schema]
final readonly class PointInput
{
    public function __construct(
        public float $x,
        public float $y,
    ) {}
}
