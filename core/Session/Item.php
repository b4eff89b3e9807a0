<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\AccumulatedHold;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Open;
use EvenRungs\Dose\Reps;
use EvenRungs\Dose\RestBand;
use EvenRungs\Dose\Timed;
use EvenRungs\Dose\Unit;
use EvenRungs\Ladder\Rung;

/** One exercise in a session: a rung with its dose. */
final readonly class Item
{
    /** With the range it is done over, where the rung has one. */
    public Dose $dose;

    /**
     * @param Side $firstSide which side begins where the sides are done apart; the weaker one when they differ
     *
     * @throws InvalidSession when the dose does not go with the rung's sides or ranges
     */
    public function __construct(
        public string $id,
        public Rung $rung,
        Dose $dose,
        public Side $firstSide = Side::Left,
    ) {
        $timed = $dose->first() instanceof Timed;
        if (! $timed && $rung->sidedness->countsEachSide() !== $dose->perSide) {
            throw InvalidSession::because($dose->perSide
                ? "In “{$rung->name}” both sides work at once: its dose has no “/side”."
                : "“{$rung->name}” is done one side after the other: its dose needs “/side”.");
        }
        if (! $rung->sidedness->countsEachSide() && ($dose->only !== null || $dose->extraSide !== null)) {
            throw InvalidSession::because("In “{$rung->name}” both sides work at once: no side has a dose of its own.");
        }
        if ($dose->range !== null && $rung->range?->holds($dose->range) !== true) {
            throw InvalidSession::because($rung->range === null
                ? "“{$rung->name}” has no range of its own: leave out “{$dose->range->print()}”."
                : "“{$rung->name}” goes over {$rung->range->inWords()}: “{$dose->range->print()}” is none of it.");
        }
        if ($dose->pull !== null && ! $rung->isPulled()) {
            throw InvalidSession::because("“{$rung->name}” has no band or cable: leave out “@{$dose->pull->print()}”.");
        }
        $this->dose = $rung->ranged($dose);
    }

    public function restSeconds(): int
    {
        return $this->dose->restSeconds ?? RestBand::for($this->rung->doseKind, $this->dose->first())->seconds;
    }

    /** Seconds of one repetition; a repetition of an open set too. */
    public function repSeconds(): int
    {
        return $this->rung->tempoOf($this->dose)->repSeconds();
    }

    /** The longest time anything is held still without a break, the pauses of a tempo among them; 0 where nothing is. */
    public function longestHoldSeconds(): int
    {
        $body = $this->dose->first();
        if ($this->isInReps()) {
            $tempo = $this->rung->tempoOf($this->dose);

            return max($tempo->pauseLow->seconds, $tempo->pauseHigh->seconds);
        }

        return match (true) {
            $body instanceof Holds => $body->seconds,
            $body instanceof AccumulatedHold => $body->boutSeconds,
            $body instanceof Open => $body->cap ?? $body->estimate,
            $body instanceof Timed => $this->rung->dynamic ? 0 : ($this->isOneSided() && $this->dose->only === null ? SetClock::eachSide($body->seconds) : $body->seconds),
            default => 0,
        };
    }

    public function isOneSided(): bool
    {
        return $this->rung->sidedness === Sidedness::OneSided;
    }

    public function isAlternating(): bool
    {
        return $this->rung->sidedness === Sidedness::Alternating;
    }

    public function isInReps(): bool
    {
        return $this->dose->first() instanceof Reps || ($this->dose->first() instanceof Open && $this->dose->unit() === Unit::Reps);
    }
}
