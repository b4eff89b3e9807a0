<?php

declare(strict_types=1);

namespace App\Time;

use App\Models\Practice;
use EvenRungs\Calendar\Day;
use Illuminate\Support\Carbon;

/** Now, for a practice: its local date, its time zone, and the microsecond that orders events. */
final readonly class PracticeClock
{
    private function __construct(public string $timeZone, private Carbon $now) {}

    public static function of(Practice $practice): self
    {
        return new self($practice->time_zone, Carbon::now('UTC'));
    }

    public function today(): Day
    {
        return Day::parse($this->now->copy()->setTimezone($this->timeZone)->format('Y-m-d'));
    }

    /** Microseconds since 1970, UTC. */
    public function sequence(): int
    {
        return $this->now->getTimestamp() * 1_000_000 + $this->now->micro;
    }
}
