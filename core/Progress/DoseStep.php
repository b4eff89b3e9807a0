<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Dose\AccumulatedHold;
use EvenRungs\Dose\Carry;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\DoseTable;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Reps;
use EvenRungs\Dose\SetBody;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;

/**
 * One step of the dose within a rung (common practice): up to the leaving mark and never beyond it, up again by a set,
 * or down. A step up is at most half of the last total, or the smallest step there is.
 */
final readonly class DoseStep
{
    private const SECONDS = 5;

    private const LONG_SECONDS = 10;

    private const REPS = 2;

    private const METRES = 5;

    private const TIMED_SECONDS = 10;

    private const GATHERED_SECONDS = 30;

    private const GAP_SECONDS = 5;

    private const SLOWEST_SECONDS = 6;

    /**
     * @param string $words such as “5 s longer”
     * @param bool   $isWider the range grows, which waits until the top of the band was clean twice
     */
    private function __construct(public Dose $dose, public string $words, public bool $isWider = false) {}

    /** Null at the mark, and where the dose has no steps. */
    public static function up(Rung $rung, Dose $dose, Method $method): ?self
    {
        $mark = LeavingMark::of($rung, $method, $dose);
        $body = $dose->first();
        if ($dose->isFalling()) {
            return self::fuller($dose, $mark);
        }
        $next = match (true) {
            $body instanceof Holds => self::longer($body, $mark),
            $body instanceof AccumulatedHold => count($body->bouts()) > ($mark->bouts ?? PHP_INT_MAX)
                ? [AccumulatedHold::of($body->totalSeconds, min($body->totalSeconds, $body->boutSeconds + self::LONG_SECONDS), $body->gapSeconds), 'the same total in longer bouts'] : null,
            $body instanceof Carry => self::more($body->metres, self::METRES, $mark->target, static fn(int $metres): Carry => Carry::of($metres), 'm more'),
            $body instanceof Timed => self::more($body->seconds, self::TIMED_SECONDS, $mark->target, static fn(int $seconds): Timed => Timed::of($seconds), 's longer'),
            default => null,
        };
        if ($next !== null) {
            return new self($dose->withBody($next[0]), $next[1]);
        }
        if ($body instanceof Reps) {
            $step = self::moreReps($rung, $dose, $body, $mark);
            if ($step !== null) {
                return $step;
            }
        }

        $wider = self::wider($rung, $dose);

        return $wider ?? ($dose->sets() < $mark->sets ? self::withOneMoreSet($dose) : null);
    }

    /** The next range out, from the low end of the band; null at the widest, and where the rung has none. */
    public static function wider(Rung $rung, Dose $dose): ?self
    {
        $range = $dose->range === null ? null : $rung->range?->wider($dose->range);
        if ($range === null) {
            return null;
        }
        $body = $dose->first();

        return new self($dose->withRange($range)->withBody($body instanceof Reps ? Reps::of(min($body->count, $rung->band->low ?? $body->count)) : $body), "on to {$range->inWords()}, from the low end of the band", true);
    }

    /** The next range in; null at the smallest, and where the rung has none. */
    public static function narrower(Rung $rung, Dose $dose): ?self
    {
        $range = $dose->range === null ? null : $rung->range?->narrower($dose->range);

        return $range === null ? null : new self($dose->withRange($range), "a smaller range, {$range->inWords()}");
    }

    /** Beyond the mark: a set more, up to four, then a slower tempo; null where there is neither. */
    public static function beyond(Rung $rung, Dose $dose): ?self
    {
        if ($dose->isFalling()) {
            return null;
        }
        if ($dose->sets() < DoseTable::MOST_SETS) {
            return self::withOneMoreSet($dose);
        }

        return self::slower($rung, $dose);
    }

    /** A second more on the way down, up to six; null where there are no repetitions, or no second left. */
    public static function slower(Rung $rung, Dose $dose): ?self
    {
        $tempo = $rung->tempoOf($dose);
        if (! $dose->first() instanceof Reps || $tempo->lowering->seconds >= self::SLOWEST_SECONDS) {
            return null;
        }

        return new self($dose->withTempo($tempo->loweringIn($tempo->lowering->seconds + 1)), 'a second slower on the way down');
    }

    /** One step less, the load left alone; the same dose where there is none. */
    public static function down(Rung $rung, Dose $dose, Method $method): self
    {
        $mark = LeavingMark::of($rung, $method, $dose);
        $body = $dose->first();
        if ($dose->isFalling()) {
            /** @var list<Holds> $bodies */
            $bodies = $dose->bodies;
            $last = $bodies[count($bodies) - 1];
            if ($last->count === 1) {
                return new self($dose->withSets($dose->sets() - 1), 'one set less');
            }
            $counts = array_map(static fn(Holds $one): int => $one->count - 1, $bodies);

            return new self($dose->fallingBy($counts, $bodies[0]), 'one hold less in a set');
        }
        $pause = $body instanceof Reps && $mark->pause > 0 ? $rung->tempoOf($dose)->pauseHigh->seconds : 0;
        if ($pause > self::SECONDS) {
            return new self($dose->withTempo($rung->tempoOf($dose)->pausingAtTop($pause - self::SECONDS)), self::SECONDS.' s less at the top');
        }
        $step = self::isLong($mark) && $body instanceof Holds && $body->seconds > 2 * self::LONG_SECONDS ? self::LONG_SECONDS : self::SECONDS;
        [$less, $words] = match (true) {
            $body instanceof Holds && $body->count > 1 => [Holds::of($body->count - 1, $body->seconds, $body->gapSeconds), 'one short hold less'],
            $body instanceof Holds && $body->seconds > $step => [Holds::of(1, $body->seconds - $step, 0), "{$step} s shorter"],
            $body instanceof AccumulatedHold && $body->totalSeconds > self::GATHERED_SECONDS => [AccumulatedHold::of($body->totalSeconds - self::GATHERED_SECONDS, min($body->boutSeconds, $body->totalSeconds - self::GATHERED_SECONDS), $body->gapSeconds), self::GATHERED_SECONDS.' s less'],
            $body instanceof Carry && $body->metres > self::METRES => [Carry::of($body->metres - self::METRES), self::METRES.' m less'],
            $body instanceof Timed && $body->seconds >= 2 * self::TIMED_SECONDS => [Timed::of($body->seconds - self::TIMED_SECONDS), self::TIMED_SECONDS.' s shorter'],
            $body instanceof Reps && $body->count > self::REPS => [Reps::of($body->count - self::REPS), 'two repetitions less'],
            default => [null, 'the smallest dose there is once more'],
        };

        return new self($less === null ? $dose : $dose->withBody($less), $words);
    }

    /**
     * Load one step down where there is one, else the dose.
     *
     * @param list<int>|null $owned grams of the weights there are; null when nobody has said
     */
    public static function lighter(Rung $rung, Dose $dose, Method $method, ?array $owned): self
    {
        $grams = $dose->loadGrams;
        if ($grams !== null) {
            $less = $owned === null ? [intdiv($grams * 95, 50_000) * 500] : array_filter($owned, static fn(int $weight): bool => $weight < $grams);
            if ($less !== [] && max($less) >= 500) {
                return new self($dose->withLoad(max($less)), DoseLine::kilograms(max($less)).' kg');
            }
        }
        $pull = $dose->pull?->lighter();

        return $pull !== null ? new self($dose->withPull($pull), $pull->inWords()) : self::down($rung, $dose, $method);
    }

    /**
     * One step lighter than the last time; where some set was out of reach at its low end too, no more in all than was done
     * then (our own choice): a step less would be out of reach again. What became easier in another way, as a lighter load
     * does, begins no lower than at the low end.
     *
     * @param list<int>|null $owned grams of the weights there are; null when nobody has said
     */
    public static function withinReach(RungSession $last, Method $method, ?array $owned): self
    {
        $lighter = self::lighter($last->rung, $last->dose, $method, $owned);
        $done = $last->doneInASet();
        if ($done === null || ! LowEnd::isMissed($last, $method)) {
            return $lighter;
        }
        $target = $lighter->dose->first()->target();
        $isEasier = $target === $last->dose->first()->target();
        $reach = max(1, $isEasier ? max($done, LowEnd::of($last, $target, $method)) : $done);
        $dose = $lighter->dose;
        while (self::targets($dose) > $reach * $last->dose->sets()) {
            $less = $dose->first() instanceof Reps ? $dose->withBody(Reps::of($reach)) : self::down($last->rung, $dose, $method)->dose;
            if (self::targets($less) >= self::targets($dose)) {
                break;
            }
            $dose = $less;
        }

        return match (true) {
            $dose === $lighter->dose => $lighter,
            $isEasier => new self($dose, "{$lighter->words}, from the low end"),
            default => new self($dose, "no more than was done, {$done}{$last->dose->unit()->suffix()} in a set"),
        };
    }

    private static function targets(Dose $dose): int
    {
        return array_sum(array_map(static fn(SetBody $body): int => $body->target(), $dose->bodies));
    }

    /** What a dose comes to: sets × target, seconds or repetitions; with the pauses where the pause carries the work. */
    public static function total(Rung $rung, Dose $dose, Method $method): int
    {
        $total = self::targets($dose);

        return LeavingMark::of($rung, $method, $dose)->pause > 0 ? $total * $rung->tempoOf($dose)->pauseHigh->seconds : $total;
    }

    /** A set more, from the smallest target whose total is above the last. */
    public static function withOneMoreSet(Dose $dose): self
    {
        $body = $dose->first();
        $sets = $dose->sets();
        $least = static fn(int $target, int $step): int => $step * (intdiv($sets * $target, $step * ($sets + 1)) + 1);
        $next = match (true) {
            $body instanceof Reps => Reps::of($least($body->count, 1)),
            $body instanceof Holds && $body->count > 1 => Holds::of($least($body->count, 1), $body->seconds, $body->gapSeconds),
            $body instanceof Holds => Holds::of(1, min($body->seconds, $least($body->seconds, self::SECONDS)), 0),
            $body instanceof Carry => Carry::of(min($body->metres, $least($body->metres, self::METRES))),
            default => $body,
        };

        return new self($dose->withBody($next)->withSets($sets + 1), 'one more set'.($next == $body ? '' : ' with less in each'));
    }

    /** @return array{SetBody, string}|null */
    private static function longer(Holds $body, LeavingMark $mark): ?array
    {
        if ($body->count > 1 && $mark->bout === $mark->target) {
            return self::inOnePiece($body, $mark->bout);
        }
        if ($mark->bout > 0 && $body->seconds < min($mark->bout, $mark->target)) {
            // Several shorter holds become longer first, within what the set asks for.
            $step = self::isLong($mark) && 2 * self::LONG_SECONDS <= $body->seconds ? self::LONG_SECONDS : self::SECONDS;
            $seconds = min($mark->bout, $body->seconds + $step);

            return [Holds::of($body->count, $seconds, $body->gapSeconds), ($seconds - $body->seconds).' s longer'];
        }
        if ($body->target() >= $mark->target || ($body->count === 1 && $mark->bout === $mark->target)) {
            return null;
        }

        return [Holds::of($body->count + 1, $body->seconds, $body->count === 1 ? self::GAP_SECONDS : $body->gapSeconds), 'one more short hold'];
    }

    /**
     * Where the mark is one hold, several short ones become fewer and longer: the same seconds, up to one piece.
     *
     * @return array{SetBody, string}|null
     */
    private static function inOnePiece(Holds $body, int $most): ?array
    {
        for ($seconds = $body->seconds + 1; $seconds <= $most; $seconds++) {
            $count = intdiv($body->target(), $seconds);
            if ($count * $seconds === $body->target()) {
                return [Holds::of($count, $seconds, $body->gapSeconds), 'the same in longer holds'];
            }
        }

        return null;
    }

    /**
     * @param \Closure(int): SetBody $of
     *
     * @return array{SetBody, string}|null
     */
    private static function more(int $now, int $step, int $most, \Closure $of, string $words): ?array
    {
        $next = min($most, $now + $step);

        return $next <= $now ? null : [$of($next), ($next - $now)." {$words}"];
    }

    private static function moreReps(Rung $rung, Dose $dose, Reps $body, LeavingMark $mark): ?self
    {
        $pause = $rung->tempoOf($dose)->pauseHigh->seconds;
        if ($mark->pause > $pause) {
            $next = min($mark->pause, $pause + self::SECONDS);

            return new self($dose->withTempo($rung->tempoOf($dose)->pausingAtTop($next)), ($next - $pause).' s more at the top');
        }
        if ($body->count >= $mark->target) {
            return null;
        }
        $more = min(self::REPS, $mark->target - $body->count);

        return new self($dose->withBody(Reps::of($body->count + $more)), $more === 1 ? 'one more repetition' : 'two more repetitions');
    }

    private static function fuller(Dose $dose, LeavingMark $mark): ?self
    {
        /** @var list<Holds> $bodies */
        $bodies = $dose->bodies;
        if ($bodies[0]->target() >= $mark->target) {
            return null;
        }
        $counts = array_map(static fn(Holds $body): int => $body->count + 1, $bodies);

        return new self($dose->fallingBy($counts, $bodies[0]), 'one more hold in a set');
    }

    private static function isLong(LeavingMark $mark): bool
    {
        return $mark->bout > 30;
    }
}
