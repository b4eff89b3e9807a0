<?php

declare(strict_types=1);

namespace App\Time;

use App\Models\Practice;
use App\Models\User;
use EvenRungs\Calendar\Day;
use Illuminate\Support\Carbon;

/**
 * Now, for the practice of a user: its local date, its time zone, and the microsecond that orders events.
 * The practice is read only when a local date is asked for, which planning mostly does not.
 */
final readonly class PracticeClock
{
    private function __construct(private User $by, private Carbon $now) {}

    public static function of(User $by): self
    {
        return new self($by, Carbon::now('UTC'));
    }

    public function practice(): Practice
    {
        return $this->by->practice;
    }

    public function timeZone(): string
    {
        return $this->practice()->time_zone;
    }

    public function today(): Day
    {
        return Day::parse($this->now->copy()->setTimezone($this->timeZone())->format('Y-m-d'));
    }

    /** Microseconds since 1970, UTC. */
    public function sequence(): int
    {
        return $this->now->getTimestamp() * 1_000_000 + $this->now->micro;
    }
}
