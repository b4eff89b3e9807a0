<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ReasonView;

/** How one figure of a session adds up. */
final readonly class SumView
{
    /** @param string $of id of an exercise, value of a demand, or one of work, rest, change-over */
    public function __construct(
        public string $of,
        public ReasonView $reason,
    ) {}
}
