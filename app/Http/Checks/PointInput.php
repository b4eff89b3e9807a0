<?php

declare(strict_types=1);

namespace App\Http\Checks;

/** A mark on a picture, in its pixels: x to the right, y down. */
final readonly class PointInput
{
    public function __construct(
        public float $x,
        public float $y,
    ) {}
}
