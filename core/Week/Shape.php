<?php

declare(strict_types=1);

namespace EvenRungs\Week;

/** A shape a week can start from (common practice). Values are stored: never renamed. */
enum Shape: string
{
    case FinisherAndOwnDays = 'finisher-and-own-days';
    case ThreeRoutines = 'three-routines';
    case PickSome = 'pick-some';
    case OneAtATime = 'one-at-a-time';
    case DailyVariation = 'daily-variation';
    case SixMinutes = 'six-minutes';
    case CircuitOfSix = 'circuit-of-six';

    public function label(): string
    {
        return match ($this) {
            self::FinisherAndOwnDays => 'Short finishers and an own day',
            self::ThreeRoutines => 'Three floor routines at home',
            self::PickSome => 'Any three of five',
            self::OneAtATime => 'One exercise at a time',
            self::DailyVariation => 'A variation each day',
            self::SixMinutes => 'Six minutes, really six',
            self::CircuitOfSix => 'Circuit of six by the clock',
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::FinisherAndOwnDays => 'Four to eight minutes after every training, and one or two days of their own: carry, then rotation, then direct work.',
            self::ThreeRoutines => 'Three short routines on the floor, without kit, on three days; each demand in two of them.',
            self::PickSome => 'Five exercises, of which the person picks three each time.',
            self::OneAtATime => 'The weakest exercise daily for a week, the next one added the week after, up to four.',
            self::DailyVariation => 'The weakest rung in another variation each day, within 0.3 of its height.',
            self::SixMinutes => 'One circuit of the demands of every week and the weakest other one, whose clock says 6:00, on every training day.',
            self::CircuitOfSix => 'Six stations by the clock, work and rest by the level of each exercise: 60 s and 30 s, twice, where all are advanced; on two days.',
        };
    }

    /** Demands that stand open are what the shape is: they come later, or on another day. */
    public function leavesDemandsOpen(): bool
    {
        return $this === self::OneAtATime || $this === self::DailyVariation;
    }

    /** More days than the method asks for are what the shape is. */
    public function isDaily(): bool
    {
        return in_array($this, [self::OneAtATime, self::DailyVariation, self::SixMinutes, self::FinisherAndOwnDays], true);
    }
}
