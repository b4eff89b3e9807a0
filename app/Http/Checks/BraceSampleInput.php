<?php

declare(strict_types=1);

namespace App\Http\Checks;

/** One reading of a cuff. */
final readonly class BraceSampleInput
{
    /** @param int $ms since the check began */
    public function __construct(
        public int $ms,
        public float $mmHg,
    ) {}
}
