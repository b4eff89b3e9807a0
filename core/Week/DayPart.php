<?php

declare(strict_types=1);

namespace EvenRungs\Week;

/** Parts of a day, in order. Neighbouring parts are taken to lie within six hours of each other (our own choice). */
enum DayPart: string
{
    case Morning = 'morning';
    case Midday = 'midday';
    case Evening = 'evening';

    /** Where a clock time falls: the midday begins at 11:00, the evening at 16:00 (our own choice). */
    public static function of(int $minute): self
    {
        return match (true) {
            $minute < 11 * 60 => self::Morning,
            $minute < 16 * 60 => self::Midday,
            default => self::Evening,
        };
    }

    /** Its place in the day, from 0. */
    public function place(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
