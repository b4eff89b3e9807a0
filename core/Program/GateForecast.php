<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;

/** When a gate is likely reached, in weeks from the start: a band, never a promise. */
final readonly class GateForecast
{
    public function __construct(
        public Rung $from,
        public Rung $to,
        public float $earliest,
        public float $likely,
        public float $latest,
        public Reason $reason,
    ) {}

    /** Number of the week, from 1, in which a moment after so many weeks lies. */
    public static function week(float $weeks): int
    {
        return (int) floor($weeks) + 1;
    }

    public function holds(float $weeks): bool
    {
        return self::week($weeks) >= self::week($this->earliest) && self::week($weeks) <= self::week($this->latest);
    }
}
