<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Body\Level;
use EvenRungs\Dose\AccumulatedHold;
use EvenRungs\Dose\Bounds;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseKind;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\InvalidDose;
use EvenRungs\Dose\StationClock;
use EvenRungs\Dose\Timed;
use EvenRungs\Dose\Unit;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\RungRange;
use EvenRungs\Method\Answer;
use EvenRungs\Method\HoldStrategy;
use EvenRungs\Method\Method;

/**
 * What is mastered before a rung is left upward: by the kind of work, the strategy of holds and the level of the rung
 * (common practice, no single source). It is never the dose that happens to be written.
 */
final readonly class LeavingMark
{
    /** Knees down the plank is held for a minute under every strategy, where the method says so. */
    private const KNEES_PLANK = 'front-plank/forearms-knees';

    /** The brace goes on for a minute with quiet breathing. */
    private const BRACE = ['activation/brace-all-round', 'activation/brace-standing'];

    /** Seconds, metres or sets for foundation, beginner, intermediate, advanced, performance. */
    private const SHORT_HOLDS = [3, 4, 6, 6, 6];

    private const SIDE_SECONDS = [20, 20, 30, 30, 30];

    private const ACTIVATION_SECONDS = [3, 5, 5, 5, 5];

    private const METRES = [10, 20, 30, 40, 40];

    private const LOADED_SETS = [2, 3, 3, 3, 3];

    private const HEAD_LIFT = [[1, 2], [1, 8], [5, 8], [5, 8], [5, 8]];

    private const BRIDGE = [[8, 2], [10, 10], [10, 15], [10, 15], [10, 15]];

    /**
     * @param int      $target of a set, on each side where the rung has sides; a falling set begins with it
     * @param int      $bout   least seconds of each hold in it; 0 where it has none
     * @param int      $sets   least sets
     * @param bool     $once   one set at the mark is enough, the others at their own target
     * @param int|null $bouts  most bouts a gathered hold may take
     * @param RungRange|null $range of the rung: the mark is at its widest
     * @param int      $pause  least seconds of the pause in each repetition
     * @param bool     $falls  the table's sets fall; as many in each set are the same mark
     */
    private function __construct(
        public Unit $unit,
        public int $target,
        public int $bout,
        public int $sets,
        public bool $once = false,
        public ?int $bouts = null,
        public int $pause = 0,
        public ?RungRange $range = null,
        public bool $falls = false,
    ) {}

    /** @param Dose|null $dose as it is done: work by the clock has a mark of its own */
    public static function of(Rung $rung, Method $method, ?Dose $dose = null): self
    {
        $level = (int) array_search($rung->height->level(), Level::cases(), true);
        $table = $rung->defaultDose($method);
        $sets = $table->sets();
        if ($dose?->first() instanceof Timed) {
            return new self(Unit::Seconds, StationClock::at($rung->height->level())->work, 0, 1);
        }

        $mark = self::ofTable($rung, $method, $level, $table, $sets);
        $mark = $rung->mark === null ? $mark : $mark->writtenAs($rung->mark);
        $mark = $mark->inHoldsOf($method->capOnHolds($rung->position, $rung->demand)->seconds ?? PHP_INT_MAX);

        return $rung->range === null ? $mark : new self($mark->unit, $mark->target, $mark->bout, $mark->sets, $mark->once, $mark->bouts, $mark->pause, $rung->range);
    }

    private static function ofTable(Rung $rung, Method $method, int $level, Dose $table, int $sets): self
    {
        $first = $table->first();

        return match (true) {
            $table->isFalling() && $first instanceof Holds => new self(Unit::Seconds, $first->count * $first->seconds, $first->seconds, $sets, falls: true),
            $rung->slug === self::KNEES_PLANK && $method->says(Answer::KneesAboutAMinute) => $method->holdStrategy() === HoldStrategy::ShortRepeated ? self::bouts(6, 10, $sets) : self::hold(60, $sets),
            in_array($rung->slug, self::BRACE, true) => self::hold(60, 1),
            $rung->isHeldLikeASide() => self::hold(self::named($rung, self::SIDE_SECONDS[$level]), $sets),
            $rung->doseKind === DoseKind::StaticHold => self::still($rung, $level, $sets, $method->holdStrategy()),
            $rung->doseKind === DoseKind::ActivationHold => self::bouts(10, self::named($rung, self::ACTIVATION_SECONDS[$level]), 1),
            $rung->doseKind === DoseKind::HeadLift => self::bouts(self::HEAD_LIFT[$level][0], self::named($rung, self::HEAD_LIFT[$level][1]), $sets),
            $rung->doseKind === DoseKind::BridgeHold => new self(Unit::Reps, $rung->band->high ?? self::BRIDGE[$level][0], 0, $sets, pause: self::named($rung, self::BRIDGE[$level][1])),
            $rung->doseKind === DoseKind::Carry => new self(Unit::Metres, self::METRES[$level], 0, $sets),
            $rung->doseKind === DoseKind::LoadedLift => new self(Unit::Reps, $rung->band->high ?? $table->first()->target(), 0, self::LOADED_SETS[$level]),
            default => new self(Unit::Reps, $rung->band->high ?? $table->first()->target(), 0, $sets),
        };
    }

    /** As much in each set, in holds no longer than a limit allows: one of longer holds would never be reached (our own choice). */
    private function inHoldsOf(int $most): self
    {
        return $this->bout <= $most && $this->pause <= $most && ($this->bouts === null || intdiv($this->target, $this->bouts) <= $most) ? $this : new self(
            $this->unit,
            $this->target,
            min($this->bout, $most),
            $this->sets,
            $this->once,
            $this->bouts === null ? null : max($this->bouts, intdiv($this->target + $most - 1, $most)),
            min($this->pause, $most),
            falls: $this->falls,
        );
    }

    /** The trainer's own target for a set, the rest as in the table. */
    private function writtenAs(int $target): self
    {
        return new self($this->unit, $target, $this->bout === 0 ? 0 : ($this->bout === $this->target ? $target : min($this->bout, $target)), $this->sets, $this->once, $this->bouts, $this->pause, falls: $this->falls);
    }

    /**
     * A target that can be written as a mark.
     *
     * @throws InvalidDose saying what can
     */
    public static function target(Rung $rung, Method $method, int $target): int
    {
        return match (self::of($rung, $method)->unit) {
            Unit::Reps => Bounds::within($target, 1, 200, 'The repetitions of a leaving mark'),
            Unit::Seconds => Bounds::within($target, 1, 600, 'The seconds of a leaving mark'),
            Unit::Metres => Bounds::within($target, 1, 500, 'The metres of a leaving mark'),
        };
    }

    /** Whether it was done: null when a figure is missing. */
    public function reachedBy(RungSession $session): ?bool
    {
        $dose = $session->dose;
        if (! $this->isPlanned($session->rung, $dose)) {
            return false;
        }
        if (count($session->sets) < $dose->allSets()) {
            return null;
        }
        $least = array_map(static fn(SetLog $set): ?int => $set->least(), $session->sets);
        if (in_array(null, $least, true)) {
            return null;
        }
        /** @var non-empty-list<int> $least */
        foreach ($least as $index => $done) {
            $planned = $dose->body(min($index + 1, $dose->allSets()))->target();
            if ($done < ($this->once || $dose->isFalling() ? $planned : $this->target)) {
                return false;
            }
        }

        return ! $this->once || max($least) >= $this->target;
    }

    /** Whether nothing is missing but sets: every one that was planned is at the target, and the mark asks for more of them. */
    public function lacksOnlySets(RungSession $session): bool
    {
        $sets = $session->dose->sets();
        $inThese = new self($this->unit, $this->target, $this->bout, $sets, $this->once, $this->bouts, $this->pause, $this->range);

        return $sets < $this->sets && $inThese->reachedBy($session) === true;
    }

    /** In how many sets a dose counts at the mark; null where it does in none. */
    public function setsFor(Rung $rung, Dose $dose): ?int
    {
        $isThere = ! $dose->isFalling() && $dose->first()->target() >= $this->target && $this->isPlanned($rung, $dose->withSets(max($this->sets, $dose->sets())));

        return $isThere ? $this->sets : null;
    }

    /** The dose of which nothing is missing but the doing. */
    private function isPlanned(Rung $rung, Dose $dose): bool
    {
        $body = $dose->first();

        return $dose->unit() === $this->unit && $dose->sets() >= $this->sets && ($this->range === null || $this->range->widest()->is($dose->range)) && match (true) {
            $body instanceof Holds => ($body->seconds >= $this->bout || ($this->once && $body->count === 1)) && ($dose->isFalling() ? $body->target() >= $this->target && $dose->body($dose->sets())->target() >= $this->target - ($dose->sets() - 1) * $body->seconds : true),
            $body instanceof AccumulatedHold => $this->bouts === null ? $body->boutSeconds >= $this->bout : count($body->bouts()) <= $this->bouts,
            default => $rung->tempoOf($dose)->pauseHigh->seconds >= $this->pause,
        };
    }

    /** What of it is done, worst set first, in per cent. */
    public function percentOf(RungSession $session): int
    {
        $least = array_map(static fn(SetLog $set): int => $set->least() ?? 0, $session->sets);
        if ($least === [] || $session->dose->unit() !== $this->unit) {
            return 0;
        }
        $done = $this->once ? max($least) : ($session->dose->isFalling() ? $least[0] : min($least));
        $body = $session->dose->first();
        $bout = $body instanceof Holds && $this->bout > 0 ? min(100, intdiv(100 * $body->seconds, $this->bout)) : 100;
        $pause = $this->pause === 0 ? 100 : min(100, intdiv(100 * $session->rung->tempoOf($session->dose)->pauseHigh->seconds, $this->pause));

        $there = intdiv(min(100, intdiv(100 * $done, $this->target)) * min($bout, $pause), 100);
        if ($this->range === null || $session->dose->range === null) {
            return $there;
        }
        // Each range is a part of the way, and the repetitions in it a part of that.
        $steps = count($this->range->steps);

        return min(intdiv($there + ($steps - 1) * $this->range->percent($session->dose->range), $steps), $this->range->widest()->is($session->dose->range) ? 100 : 99);
    }

    /** How far it is, such as “30 of 60 s in the weakest set”; nothing where the mark itself says it all. */
    public function distance(RungSession $session): string
    {
        $least = array_map(static fn(SetLog $set): int => $set->least() ?? 0, $session->sets);
        $done = match (true) {
            $least === [] => 0,
            $session->dose->isFalling() => $least[0],
            $this->once => max($least),
            default => min($least),
        };
        $body = $session->dose->first();
        $pause = $session->rung->tempoOf($session->dose)->pauseHigh->seconds;

        return match (true) {
            $session->dose->unit() !== $this->unit => '',
            $this->range !== null && $session->dose->range !== null && ! $this->range->widest()->is($session->dose->range) => $session->dose->range->centimetres === null
                ? "{$session->dose->range->inWords()}; the mark is {$this->range->widest()->inWords()}"
                : "{$session->dose->range->centimetres} of {$this->range->widest()->inWords()}",
            $done < $this->target => "{$done} of {$this->target}".$this->unit->suffix().' in the '.match (true) {
                $session->dose->isFalling() => 'first set',
                $this->once => 'longest set',
                default => 'weakest set',
            },
            $body instanceof Holds && $body->seconds < $this->bout && ($body->count > 1 || ! $this->once) => "holds of {$body->seconds} of {$this->bout} s",
            $body instanceof AccumulatedHold => "bouts of {$body->boutSeconds} s",
            $pause < $this->pause => "{$pause} of {$this->pause} s at the top of each repetition",
            $session->dose->sets() < $this->sets => "{$session->dose->sets()} of {$this->sets} sets",
            default => '',
        };
    }

    /** Such as “3 sets of 4 × 10 s” or “60 s in one of 3 sets, the others clean”. */
    public function inWords(): string
    {
        $body = match (true) {
            $this->bouts !== null => "{$this->target} s in at most {$this->bouts} bouts",
            $this->bout > 0 && $this->bout < $this->target => intdiv($this->target, $this->bout)." × {$this->bout} s",
            $this->pause > 0 => "{$this->target} with {$this->pause} s at the top",
            $this->unit === Unit::Reps => "{$this->target} repetitions",
            default => "{$this->target}".$this->unit->suffix(),
        };

        $body .= $this->range === null ? '' : " over {$this->range->widest()->inWords()}";

        return match (true) {
            $this->falls => "{$this->sets} sets falling from {$body}",
            $this->once => $this->sets === 1 ? "{$body} in one set" : "{$body} in one of {$this->sets} sets, the others clean",
            $this->sets === 1 => $body,
            default => "{$this->sets} sets of {$body}",
        };
    }

    /** Whether the dose, done as written, would stand at the mark. */
    public function isAskedBy(Rung $rung, Dose $dose): bool
    {
        return $this->isPlanned($rung, $dose) && $dose->first()->target() >= $this->target;
    }

    private static function still(Rung $rung, int $level, int $sets, HoldStrategy $strategy): self
    {
        return match ($strategy) {
            HoldStrategy::ShortRepeated => self::bouts(self::SHORT_HOLDS[$level], self::named($rung, 10), $sets),
            HoldStrategy::Capped => self::hold(self::named($rung, 30), $sets),
            HoldStrategy::Long => $level >= 3 ? new self(Unit::Seconds, 120, 0, 1, bouts: 2) : new self(Unit::Seconds, self::named($rung, 60), self::named($rung, 60), $sets, once: true),
        };
    }

    private static function hold(int $seconds, int $sets): self
    {
        return new self(Unit::Seconds, $seconds, $seconds, $sets);
    }

    private static function bouts(int $count, int $seconds, int $sets): self
    {
        return new self(Unit::Seconds, $count * $seconds, $seconds, $sets);
    }

    /** Seconds that stand in the rung's name cap its mark. */
    private static function named(Rung $rung, int $seconds): int
    {
        preg_match_all('/(\d+) s\b/u', $rung->name, $found);

        return min([$seconds, max([0, ...array_map(intval(...), $found[1])]) ?: $seconds]);
    }
}
