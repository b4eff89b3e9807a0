<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Body\Height;
use EvenRungs\Dose\AccumulatedHold;
use EvenRungs\Dose\Carry;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseKind;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Range;
use EvenRungs\Dose\Reps;
use EvenRungs\Dose\SetBody;
use EvenRungs\Dose\Timed;
use EvenRungs\Dose\Unit;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * The dose a rung begins with (our own choice, from common practice: a test is the most, training stays below it): from
 * the timed hold of that very version, a quarter of the mark where an easier version was not tested, else half of it.
 */
final readonly class FirstDose
{
    /** Parts of ten of the best clean hold that training takes. */
    private const OF_BEST_TENTHS = 8;

    private const STEP_SECONDS = 5;

    private const CLOCK_STEP_SECONDS = 10;

    private const SHORT_SECONDS = 10;

    private const GAP_SECONDS = 5;

    private const GATHERED_BOUT = 30;

    /** A step wider than this is not taken at the full first dose (our own choice, see docs/decisions/022). */
    private const WIDE_TENTHS = 8;

    private function __construct(public Dose $dose, public Reason $reason) {}

    /**
     * From the best clean hold of this version; null where that is under five seconds, which asks for a lower rung, or
     * where the rung is not held.
     *
     * @param int  $best       seconds of the weaker side
     * @param bool $isLimited  limits of body or age stand above “near the limit”
     */
    public static function tested(Rung $rung, int $best, Method $method, bool $isLimited = false): ?self
    {
        if (! in_array($rung->doseKind, [DoseKind::StaticHold, DoseKind::SideHold], true)) {
            return null;
        }
        $isNear = $method->says(Answer::NearTheLimit) && ! $isLimited;
        $mark = LeavingMark::of($rung, $method);
        $hold = self::down($isNear ? $best : intdiv(self::OF_BEST_TENTHS * $best, 10));
        if ($hold < self::STEP_SECONDS) {
            return null;
        }
        $table = $rung->defaultDose($method);
        $cell = $table->first();
        $body = match (true) {
            $mark->bouts !== null && $cell instanceof AccumulatedHold => AccumulatedHold::of($cell->totalSeconds, min($hold, $cell->boutSeconds), $cell->gapSeconds),
            $mark->bout < $mark->target => self::shortHolds($best, min($hold, $mark->bout, self::SHORT_SECONDS), $cell instanceof Holds ? $cell->count : 1),
            default => Holds::of(1, min($hold, $mark->target), 0),
        };
        $share = $isNear ? 'no higher, near the limit' : 'at four fifths of it';

        return new self($table->withBody($body), Reason::because(
            Rule::FirstDose,
            "{$rung->name}: the best clean hold was {$best} s, and training begins {$share}, in steps of five seconds.",
            ['best clean hold' => "{$best} s", 'leaving mark' => $mark->inWords()],
            'Another timed hold of this version.',
        ));
    }

    /**
     * A new rung begins at half its leaving mark, never above the table’s cell; repetitions at the low end of their band.
     * One that stands far above the rung that was left begins at half of that.
     *
     * @param Rung|null $from the rung that was left upward
     */
    public static function half(Rung $rung, Method $method, ?Rung $from = null): self
    {
        $mark = LeavingMark::of($rung, $method);
        $dose = self::share($rung, $method, $mark, 2);
        if ($from !== null && $rung->height->above($from->height) > self::WIDE_TENTHS) {
            return new self(self::halved($dose), Reason::because(
                Rule::FirstDose,
                "{$rung->name}: it stands far above “{$from->name}”, so it begins at half of what a new rung begins with.",
                ['higher by' => Height::tenthsLabel($rung->height->above($from->height)), 'leaving mark' => $mark->inWords()],
                'A rung in between, or a timed hold of this version.',
            ));
        }

        return new self($dose, Reason::because(
            Rule::FirstDose,
            $mark->unit === Unit::Reps && $mark->pause < 2 * self::STEP_SECONDS
                ? "{$rung->name}: repetitions begin at the low end of their band."
                : "{$rung->name}: a new rung begins at half its leaving mark, {$mark->inWords()}.",
            ['leaving mark' => $mark->inWords()],
            'A timed hold of this version, where it is one that is held.',
        ));
    }

    /** Half the mark, in sets or by the clock as the dose that was done. */
    public static function halfLike(Dose $done, Rung $rung, Method $method): Dose
    {
        if (! $done->first() instanceof Timed) {
            return self::half($rung, $method)->dose;
        }
        $half = intdiv(LeavingMark::of($rung, $method, $done)->target, 2);

        return $done->withBody(Timed::of($half - $half % self::CLOCK_STEP_SECONDS));
    }

    /** Nobody knows yet how long it is held: a quarter of the mark, and its test is asked for. */
    public static function untested(Rung $rung, Method $method): self
    {
        $mark = LeavingMark::of($rung, $method);

        return new self(self::share($rung, $method, $mark, 4), Reason::because(
            Rule::FirstDose,
            "{$rung->name}: this version was not tested, so it begins at a quarter of its leaving mark. Time it first.",
            ['leaving mark' => $mark->inWords()],
            'A timed hold of this version.',
        ));
    }

    /**
     * Cut to what limits allow.
     *
     * @param list<Reason> $why
     */
    public function cut(Dose $dose, array $why): self
    {
        return new self($dose, $this->reason->followedBy(...$why));
    }

    /** The same over another range. */
    public function over(Range $range): self
    {
        return new self($this->dose->withRange($range), $this->reason);
    }

    private static function share(Rung $rung, Method $method, LeavingMark $mark, int $part): Dose
    {
        $table = $rung->defaultDose($method);
        $cell = $table->first();
        if ($mark->unit === Unit::Reps) {
            $pause = self::down(intdiv($mark->pause, $part));

            return $pause === 0 ? $table : $table->withBody(Reps::of($mark->target))->withTempo($rung->tempoOf($table)->pausingAtTop($pause));
        }
        if ($table->isFalling() && $cell instanceof Holds) {
            return self::falling($table, $cell, $part);
        }
        $body = match (true) {
            $mark->bouts !== null && $cell instanceof AccumulatedHold => AccumulatedHold::of($cell->totalSeconds, self::GATHERED_BOUT, $cell->gapSeconds),
            $mark->unit === Unit::Metres => Carry::of(max(self::STEP_SECONDS, self::down(intdiv($mark->target, $part)))),
            $part > 2 => Holds::of(1, self::heldFor(intdiv($mark->target, $part), $mark), 0),
            $mark->bout < $mark->target => self::holds(max(1, intdiv(intdiv($mark->target, $mark->bout), $part)), $mark->bout),
            default => self::within(Holds::of(1, self::heldFor(intdiv($mark->target, $part), $mark), 0), $cell),
        };

        return $table->withBody($body);
    }

    /** Falling from a part of the holds, and to at least one in the last set: 5-4-3 begins as 3-2-1. */
    private static function falling(Dose $table, Holds $first, int $part): Dose
    {
        $from = max($table->sets(), intdiv($first->count, $part));
        $counts = [];
        foreach ($table->bodies as $body) {
            $counts[] = max(1, $body instanceof Holds ? $from - ($first->count - $body->count) : 1);
        }

        return $table->fallingBy($counts, $first);
    }

    /** The table's cell is the ceiling; a hold it has split up says nothing of one in one piece. */
    private static function within(Holds $body, SetBody $cell): Holds
    {
        return $cell instanceof Holds && $cell->count === 1 && $cell->seconds < $body->seconds ? $cell : $body;
    }

    private static function heldFor(int $seconds, LeavingMark $mark): int
    {
        return max(min(self::STEP_SECONDS, $mark->target), self::down($seconds));
    }

    private static function shortHolds(int $best, int $hold, int $most): Holds
    {
        return self::holds(max(1, min($most, intdiv(2 * $best, $hold))), $hold);
    }

    private static function holds(int $count, int $seconds): Holds
    {
        return Holds::of($count, $seconds, $count === 1 ? 0 : self::GAP_SECONDS);
    }

    private static function halved(Dose $dose): Dose
    {
        $body = $dose->first();

        return $dose->withBody(match (true) {
            $body instanceof Reps => Reps::of(max(1, intdiv($body->count, 2))),
            $body instanceof Holds && $body->count > 1 => self::holds(max(1, intdiv($body->count, 2)), $body->seconds),
            $body instanceof Holds => Holds::of(1, max(min(self::STEP_SECONDS, $body->seconds), self::down(intdiv($body->seconds, 2))), 0),
            $body instanceof Carry => Carry::of(max(self::STEP_SECONDS, self::down(intdiv($body->metres, 2)))),
            default => $body,
        });
    }

    /** Down to a whole step. */
    private static function down(int $seconds): int
    {
        return $seconds - $seconds % self::STEP_SECONDS;
    }
}
