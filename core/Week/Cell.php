<?php

declare(strict_types=1);

namespace EvenRungs\Week;

/** A part of a day of the week, or a clock time in it: where something stands. */
final readonly class Cell
{
    /**
     * @param int      $day    1 Monday to 7 Sunday
     * @param int|null $minute it starts at, after midnight; null where only the part of the day is known
     */
    public function __construct(public int $day, public DayPart $part, public ?int $minute = null)
    {
        if ($day < 1 || $day > 7) {
            throw new \InvalidArgumentException("A week has the days 1 to 7, not {$day}.");
        }
    }

    /** With a clock time the part of the day follows from it. */
    public static function at(int $day, DayPart $part, ?string $time): self
    {
        if ($time === null) {
            return new self($day, $part);
        }
        $minute = 60 * (int) substr($time, 0, 2) + (int) substr($time, 3);

        return new self($day, DayPart::of($minute), $minute);
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

    /** Minutes from here to another start of the same week, less than 0 where that comes first; null without two clock times. */
    public function minutesTo(self $other): ?int
    {
        return $this->minute === null || $other->minute === null ? null : 1440 * ($other->day - $this->day) + $other->minute - $this->minute;
    }

    /** 17:30; null where it has no clock time. */
    public function time(): ?string
    {
        return $this->minute === null ? null : sprintf('%02d:%02d', intdiv($this->minute, 60), $this->minute % 60);
    }

    /** "Tuesday evening", "Tuesday at 17:30" */
    public function inWords(): string
    {
        return Weekday::name($this->day).($this->minute === null ? " {$this->part->value}" : " at {$this->time()}");
    }
}
