<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Http\Shared\ReasonView;

/** What a demand gets in the week. */
final readonly class WeekDemandView
{
    /**
     * @param int    $met   sessions that meet it
     * @param int    $least the least; 0 where no week has to meet it
     * @param string $work  time under tension, as 2:30
     */
    public function __construct(
        public string $demand,
        public string $shortName,
        public int $met,
        public int $least,
        public int $sets,
        public string $work,
        public ReasonView $reason,
    ) {}
}
