<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

use EvenRungs\Body\Level;

/**
 * A station of a circuit by the clock, in seconds, as its row of the dose tables has it for the level of its exercise (common
 * practice, no single source; of a range the first).
 */
final readonly class StationClock
{
    private function __construct(public int $work, public int $rest, public int $rounds) {}

    public static function at(Level $level): self
    {
        return new self(...match ($level) {
            Level::Foundation => [20, 40, 1],
            Level::Beginner => [30, 30, 2],
            Level::Intermediate => [45, 30, 2],
            Level::Advanced, Level::Performance => [60, 30, 2],
        });
    }

    /** Of somebody for whom less is due. */
    public function noLongerThan(int $seconds): self
    {
        return $seconds < $this->work ? new self($seconds, $this->rest, $this->rounds) : $this;
    }

    public function dose(): Dose
    {
        return Dose::of($this->rounds, Timed::of($this->work));
    }
}
