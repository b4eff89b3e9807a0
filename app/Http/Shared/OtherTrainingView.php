<?php

declare(strict_types=1);

namespace App\Http\Shared;

use EvenRungs\Week\DayPart;
use EvenRungs\Week\OtherTraining;
use EvenRungs\Week\TrainingKind;

/** What else fills the person's week, on one day. */
final readonly class OtherTrainingView
{
    /**
     * @param int         $day   1 Monday to 7 Sunday
     * @param int         $every how many weeks lie from one to the next
     * @param string|null $from  a date in a week in which it happens, where it is not every week
     * @param string|null $time  it starts at, such as 18:00; null where only the part of the day is known
     */
    public function __construct(
        public TrainingKind $what,
        public bool $heavy,
        public int $day,
        public DayPart $part,
        public int $every = 1,
        public ?string $from = null,
        public ?string $time = null,
    ) {}

    public static function of(OtherTraining $other): self
    {
        return new self(what: $other->kind, heavy: $other->heavy, day: $other->cell->day, part: $other->cell->part, every: $other->every, from: $other->from?->iso(), time: $other->cell->time());
    }
}
