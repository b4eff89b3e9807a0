<?php

declare(strict_types=1);

namespace App\Http\Shared;

use EvenRungs\Log\ReportedSet;

/** One way a set was told. */
final readonly class ToldSetView
{
    public function __construct(public string $event, public ReportedSet $set) {}
}
