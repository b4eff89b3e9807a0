<?php

declare(strict_types=1);

namespace App\Time;

use App\Models\Practice;
use App\Models\User;
use EvenRungs\Calendar\Day;
use EvenRungs\Method\Method;
use Illuminate\Support\Carbon;

/**
 * Now, for the practice of a user: its local date, its time zone, and the microsecond that orders events.
 * The practice is read only when a local date is asked for, which planning mostly does not.
 */
final readonly class PracticeClock
{
    private function __construct(private User $by, private Carbon $now, private ?string $timeZone = null, private ?Method $method = null) {}

    public static function of(User $by): self
    {
        return new self($by, Carbon::now('UTC'));
    }

    /** What is known of the practice already need not be read again. */
    public static function knowing(User $by, string $timeZone, Method $method): self
    {
        return new self($by, Carbon::now('UTC'), $timeZone, $method);
    }

    /** Whose day it is. */
    public function by(): User
    {
        return $this->by;
    }

    public function method(): Method
    {
        return $this->method ?? $this->practice()->method();
    }

    public function practice(): Practice
    {
        return $this->by->practice;
    }

    public function timeZone(): string
    {
        return $this->timeZone ?? $this->practice()->time_zone;
    }

    public function today(): Day
    {
        return Day::parse($this->now->toDateTimeImmutable()->setTimezone(new \DateTimeZone($this->timeZone()))->format('Y-m-d'));
    }

    /** Microseconds since 1970, UTC. */
    public function sequence(): int
    {
        return $this->now->getTimestamp() * 1_000_000 + $this->now->micro;
    }
}
