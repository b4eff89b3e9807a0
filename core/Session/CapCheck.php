<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\DoseCap;
use EvenRungs\Body\Limit;
use EvenRungs\Dose\AccumulatedHold;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\InvalidDose;
use EvenRungs\Dose\Open;
use EvenRungs\Dose\Reps;
use EvenRungs\Dose\SetBody;
use EvenRungs\Dose\Tempo;
use EvenRungs\Dose\TempoPart;
use EvenRungs\Dose\Timed;
use EvenRungs\Dose\Unit;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** A dose against the longest stretch of work a limit allows. */
final class CapCheck
{
    /** Breaks between bouts where a hold is cut up (our own choice). */
    private const GAP_SECONDS = 5;

    /** What of the exercise the cap is about, in seconds: its longest hold, or a whole set. */
    public static function measured(Item $item, DoseCap $cap): int
    {
        return $cap->wholeSet
            ? SetClock::seconds($item)
            : $item->longestHoldSeconds();
    }

    /**
     * What an exercise breaks first, "Sore neck: no hold over 10 s"; null where every cap is kept.
     *
     * @param list<Limit> $limits
     */
    public static function broken(Item $item, array $limits): ?string
    {
        foreach ($limits as $limit) {
            foreach ($limit->caps as $cap) {
                if ($cap->concerns($item->rung->position, $item->rung->demand) && self::measured($item, $cap) > $cap->seconds) {
                    return ucfirst($limit->name).": {$cap->inWords()}";
                }
            }
        }

        return null;
    }

    /** The same work cut up so that the cap is kept; for a whole set as much of it as fits. Null when nothing does. */
    public static function within(Item $item, DoseCap $cap): ?Dose
    {
        try {
            $dose = $cap->wholeSet ? self::shorterSet($item, $cap) : self::shorterHolds($item, $cap->seconds);
        } catch (InvalidDose) {
            return null;
        }

        return $dose === null || self::measured(new Item($item->id, $item->rung, $dose, $item->firstSide), $cap) > $cap->seconds ? null : $dose;
    }

    /**
     * A dose within what limits allow.
     *
     * @param list<Limit> $limits
     * @param int|null    $seconds of the clock of everybody, where one runs
     *
     * @return array{Dose, list<Reason>} and what was cut for which limit; none where it is as it was
     */
    public static function underLimits(Item $item, array $limits, ?int $seconds = null): array
    {
        $reasons = [];
        foreach ($limits as $limit) {
            foreach ($limit->caps as $cap) {
                $held = self::measured($item, $cap);
                $dose = match (true) {
                    $held <= $cap->seconds || ! $cap->concerns($item->rung->position, $item->rung->demand) => null,
                    $seconds === null => self::within($item, $cap),
                    default => self::withinStation($item, $cap, $seconds),
                };
                if ($dose !== null) {
                    $item = new Item($item->id, $item->rung, $dose, $item->firstSide);
                    $what = match (true) {
                        $seconds !== null => "the {$seconds} s are cut up",
                        $cap->wholeSet => 'the set is shorter',
                        default => 'the hold is cut up',
                    };
                    $reasons[] = Reason::because(Rule::LimitCaution, ucfirst($limit->name).": {$cap->inWords()}, so {$what}.", ['held' => "{$held} s", 'allowed' => "{$cap->seconds} s"], 'The limit lifted.');
                }
            }
        }

        return [$item->dose, $reasons];
    }

    /**
     * A station by the clock within what limits allow; any other exercise as it is.
     *
     * @param list<Limit> $limits
     *
     * @return array{Dose, int, list<Reason>} the seconds of its clock that are rest then, and what was cut for which limit
     */
    public static function station(Item $item, array $limits): array
    {
        $body = $item->dose->first();
        if (! $body instanceof Timed) {
            return [$item->dose, 0, []];
        }
        [$dose, $why] = self::underLimits($item, $limits, $body->seconds);

        return [$dose, $why === [] ? 0 : max(0, $body->seconds - SetClock::seconds(new Item($item->id, $item->rung, $dose, $item->firstSide))), $why];
    }

    /** The same where a clock of everybody runs: in as many bouts as the seconds of its work have time for. */
    public static function withinStation(Item $item, DoseCap $cap, int $seconds): ?Dose
    {
        $dose = self::within($item, $cap);
        $body = $dose?->first();
        while ($dose !== null && $body instanceof Holds && $body->count > 1 && SetClock::seconds(new Item($item->id, $item->rung, $dose, $item->firstSide)) > $seconds) {
            $body = Holds::of($body->count - 1, $body->seconds, $body->gapSeconds);
            $dose = $dose->withBody($body);
        }

        return $dose;
    }

    /** @throws InvalidDose */
    private static function shorterHolds(Item $item, int $most): ?Dose
    {
        $dose = $item->dose;
        $body = $dose->first();
        if ($item->isInReps()) {
            $tempo = $item->rung->tempoOf($dose);
            $part = static fn(TempoPart $part): string => (string) min($most, $part->seconds);

            return $dose->withTempo(Tempo::parse(implode('-', [$tempo->lowering->print(), $part($tempo->pauseLow), $tempo->lifting->print(), $part($tempo->pauseHigh)])));
        }
        $bouts = static fn(int $seconds): int => intdiv($seconds + $most - 1, $most);
        // All alike, so that the same work is no more: fifteen seconds are two holds of eight, not of ten. A clock has time for whole ones.
        $each = static fn(int $seconds): int => intdiv($seconds + $bouts($seconds) - 1, $bouts($seconds));

        return match (true) {
            $body instanceof Holds => $dose->withBody(Holds::of($body->count * $bouts($body->seconds), $each($body->seconds), max($body->gapSeconds, self::GAP_SECONDS))),
            $body instanceof AccumulatedHold => $dose->withBody(AccumulatedHold::of($body->totalSeconds, $most, $body->gapSeconds)),
            $body instanceof Open => $dose->withBody(Holds::of($bouts($body->estimate), $each($body->estimate), self::GAP_SECONDS)),
            $body instanceof Timed => $dose->withBody(Holds::of($bouts($item->longestHoldSeconds()), $most, self::GAP_SECONDS))->eachSide($item->rung->sidedness->countsEachSide()),
            default => null,
        };
    }

    /** @throws InvalidDose */
    private static function shorterSet(Item $item, DoseCap $cap): ?Dose
    {
        $body = $item->dose->first();
        for ($target = self::size($body) - 1; $target > 0; $target--) {
            $shorter = self::ofSize($body, $target);
            $dose = $shorter === null ? null : $item->dose->withBody($shorter);
            if ($dose !== null && self::measured(new Item($item->id, $item->rung, $dose, $item->firstSide), $cap) <= $cap->seconds) {
                return $dose;
            }
        }

        return null;
    }

    private static function size(SetBody $body): int
    {
        return $body instanceof Holds && $body->count > 1 ? $body->count : $body->target();
    }

    /** @throws InvalidDose */
    private static function ofSize(SetBody $body, int $size): ?SetBody
    {
        return match (true) {
            $body instanceof Holds => $body->count > 1 ? Holds::of($size, $body->seconds, $body->gapSeconds) : Holds::of(1, $size, 0),
            $body instanceof AccumulatedHold => AccumulatedHold::of($size, min($size, $body->boutSeconds), $body->gapSeconds),
            $body instanceof Reps => Reps::of($size),
            $body instanceof Timed => Timed::of($size),
            $body instanceof Open => $body->unit() === Unit::Reps ? Reps::of($size) : Holds::of(1, $size, 0),
            default => null,
        };
    }
}
