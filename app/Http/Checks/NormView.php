<?php

declare(strict_types=1);

namespace App\Http\Checks;

/** The published group a hold is compared with, in seconds. */
final readonly class NormView
{
    /** @param float $detectable minimal detectable change */
    public function __construct(
        public int $mean,
        public int $sd,
        public float $detectable,
    ) {}
}
