<?php

declare(strict_types=1);

namespace App\Http\Session;

/** How a session comes down to its minutes, or what minutes left over could give to the weakest demand. */
final readonly class FitView
{
    /**
     * @param int               $over  seconds over the minutes there are; negative when some are left
     * @param bool              $fits  all steps together bring it inside the minutes
     * @param list<FitStepView> $steps
     * @param list<WaitingItemView> $waits exercises that are left out until something is decided
     * @param WarningView|null  $fill  a set more for whatever is below its share, in one step
     * @param WarningView|null  $stations what the stations of its circuits are due more of, in one step
     * @param WarningView|null  $movedOn what has moved on since it was written, in one step
     */
    public function __construct(
        public int $over,
        public bool $fits,
        public string $sentence,
        public array $steps,
        public ?WarningView $offer,
        public ?WarningView $movedOn = null,
        public array $waits = [],
        public ?WarningView $fill = null,
        public ?WarningView $stations = null,
    ) {}
}
