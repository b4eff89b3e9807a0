<?php

declare(strict_types=1);

namespace EvenRungs\Week;

/** A part of a day of the week: where something stands. */
final readonly class Cell
{
    /** @param int $day 1 Monday to 7 Sunday */
    public function __construct(public int $day, public DayPart $part)
    {
        if ($day < 1 || $day > 7) {
            throw new \InvalidArgumentException("A week has the days 1 to 7, not {$day}.");
        }
    }

    /** @return list<self> the whole week in order of time */
    public static function week(): array
    {
        $cells = [];
        for ($day = 1; $day <= 7; $day++) {
            foreach (DayPart::cases() as $part) {
                $cells[] = new self($day, $part);
            }
        }

        return $cells;
    }

    /** Its place in the week, 0 to 20. */
    public function index(): int
    {
        return 3 * ($this->day - 1) + $this->part->place();
    }

    public function is(self $other): bool
    {
        return $this->index() === $other->index();
    }

    /** "Tuesday evening" */
    public function inWords(): string
    {
        return Weekday::name($this->day).' '.$this->part->value;
    }
}
