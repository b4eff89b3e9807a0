<?php

declare(strict_types=1);

namespace App\Http\Shared;

use EvenRungs\Log\ReportedSet;

/** One way a set was told. */
final readonly class ToldSetView
{
    /** @param string $words what it says, in one line */
    public function __construct(public string $event, public ReportedSet $set, public string $words) {}
}
