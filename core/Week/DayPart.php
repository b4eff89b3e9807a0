<?php

declare(strict_types=1);

namespace EvenRungs\Week;

/** Parts of a day, in order. Neighbouring parts are taken to lie within six hours of each other (our own choice). */
enum DayPart: string
{
    case Morning = 'morning';
    case Midday = 'midday';
    case Evening = 'evening';

    /** Its place in the day, from 0. */
    public function place(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
