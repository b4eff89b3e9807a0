<?php

declare(strict_types=1);

namespace App\Http\Weeks;

/** A rung fixed on a ladder from a week on. */
final readonly class RequestedRungView
{
    public function __construct(
        public int $week,
        public string $ladder,
        public string $rung,
    ) {}
}
