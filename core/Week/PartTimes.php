<?php

declare(strict_types=1);

namespace EvenRungs\Week;

/** When the parts of a day begin for a person, in minutes after midnight: a calendar needs clock times. */
final readonly class PartTimes
{
    /** @throws \InvalidArgumentException when the parts are out of order, or no time of a day */
    public function __construct(public int $morning = 7 * 60 + 30, public int $midday = 12 * 60 + 30, public int $evening = 18 * 60)
    {
        if ($morning < 0 || $morning >= $midday || $midday >= $evening || $evening > 23 * 60 + 45) {
            throw new \InvalidArgumentException('The morning begins before midday, and midday before the evening.');
        }
    }

    public function minute(DayPart $part): int
    {
        return match ($part) {
            DayPart::Morning => $this->morning,
            DayPart::Midday => $this->midday,
            DayPart::Evening => $this->evening,
        };
    }
}
