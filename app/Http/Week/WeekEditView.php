<?php

declare(strict_types=1);

namespace App\Http\Week;

use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\WeekEdit;

/** A core session as it is after a repair. */
final readonly class WeekEditView
{
    /**
     * @param bool        $isNew one more of the same session
     * @param string|null $time  it starts at, such as 17:30
     */
    public function __construct(
        public string $slot,
        public bool $isNew,
        public int $day,
        public DayPart $part,
        public SessionRole $placement,
        public int $effort,
        public ?string $time,
    ) {}

    public static function of(WeekEdit $edit): self
    {
        return new self(slot: $edit->slot, isNew: $edit->isNew, day: $edit->cell->day, part: $edit->cell->part, placement: $edit->placement, effort: $edit->effort, time: $edit->cell->time());
    }
}
