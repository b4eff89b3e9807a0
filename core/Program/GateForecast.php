<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** When a gate is likely reached, in weeks from the start: a band, never a promise. */
final readonly class GateForecast
{
    /** @param array<string, string> $inputs what the forecast looked at */
    public function __construct(
        public Rung $from,
        public Rung $to,
        public float $earliest,
        public float $likely,
        public float $latest,
        private array $inputs,
    ) {}

    /** Number of the week, from 1, in which a moment after so many weeks lies. */
    public static function week(float $weeks): int
    {
        return (int) floor($weeks) + 1;
    }

    /** The same so many weeks later. */
    public function later(int $weeks): self
    {
        return new self($this->from, $this->to, $this->earliest + $weeks, $this->likely + $weeks, $this->latest + $weeks, $this->inputs);
    }

    public function reason(): Reason
    {
        [$early, $likely, $late] = array_map(self::week(...), [$this->earliest, $this->likely, $this->latest]);

        return Reason::because(
            Rule::ForecastGate,
            "“{$this->to->name}” is likely reached ".($early === $late ? "in week {$late}" : "between week {$early} and week {$late}").", around week {$likely}. An estimate, not a promise: the gate decides.",
            $this->inputs,
            'Another rate, climbs sooner or later than thought, or another choice under “leaving a rung”.',
        );
    }

    public function holds(float $weeks): bool
    {
        return self::week($weeks) >= self::week($this->earliest) && self::week($weeks) <= self::week($this->latest);
    }
}
