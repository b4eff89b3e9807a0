<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** One hold, or several short ones with a gap between: `30s`, `(4x10s/5)`. */
final readonly class Holds implements SetBody
{
    private function __construct(public int $count, public int $seconds, public int $gapSeconds) {}

    /** @throws InvalidDose */
    public static function of(int $count, int $seconds, int $gapSeconds): self
    {
        return new self(
            Bounds::within($count, 1, 60, 'Holds in a set'),
            Bounds::within($seconds, 1, 600, 'The seconds of a hold'),
            $count === 1 ? 0 : Bounds::within($gapSeconds, 0, 120, 'The gap between holds'),
        );
    }

    public function unit(): Unit
    {
        return Unit::Seconds;
    }

    public function target(): int
    {
        return $this->count * $this->seconds;
    }
}
