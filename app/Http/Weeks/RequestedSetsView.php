<?php

declare(strict_types=1);

namespace App\Http\Weeks;

/** Sets of a ladder fixed in one place of every week; 0 keeps it out of there. */
final readonly class RequestedSetsView
{
    public function __construct(
        public string $slot,
        public string $ladder,
        public int $sets,
    ) {}
}
