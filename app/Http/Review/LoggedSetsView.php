<?php

declare(strict_types=1);

namespace App\Http\Review;

/** The sets of a log, in the order in which they were written. */
final readonly class LoggedSetsView
{
    /**
     * @param string              $doneOn date
     * @param list<LoggedSetView> $sets
     */
    public function __construct(public string $title, public string $doneOn, public bool $atHome, public array $sets) {}
}
