<?php

declare(strict_types=1);

namespace App\Http\Weeks;

/** A dose fixed on a ladder for a week, as a typed line. */
final readonly class RequestedDoseView
{
    /** @param string $rung the rung it is written for */
    public function __construct(
        public int $week,
        public string $ladder,
        public string $rung,
        public string $dose,
    ) {}
}
