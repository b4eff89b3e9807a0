<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Range;
use EvenRungs\Dose\Reps;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * The dose of the next session on a rung, from the last ones: it rises to the leaving mark before the rung changes, one
 * thing at a time, and only after a clean session (common practice); it never falls and calls that a rise. The load
 * rises by the two-for-two rule.
 */
final readonly class NextDose
{
    /** So many clean sessions of less come first for each time a dose was too much (our own choice). */
    private const CLEAN_FIRST = 2;

    /** @param bool $isMost nothing is added to it for now, a set neither: what was done last was too much, hurt, or lies weeks back */
    private function __construct(public Dose $dose, public bool $rises, public Reason $reason, public bool $isLighter = false, public bool $isMost = false) {}

    /**
     * Null when the rung has not been logged yet, in sets or by the clock as it is asked.
     *
     * @param list<RungSession>         $log    in any order, of any rung
     * @param (\Closure(): string)|null $easier what is said of the easier version, asked for where that is the answer
     */
    public static function after(Rung $rung, array $log, DoseTerms $terms, Day $today, Course $course = Course::Open, ?\Closure $easier = null): ?self
    {
        $here = self::onRung($rung, $log, $terms->byTheClock);
        $newest = $here[count($here) - 1] ?? null;
        $here = Neutral::leftOut($here, $terms->method, $terms->highestEffort);
        $last = $here[count($here) - 1] ?? null;
        if ($newest === null || $last === null) {
            return null;
        }
        $say = static fn(Dose $dose, string $sentence, string $otherwise): self => self::saying($rung, $last, $dose, $sentence, $otherwise);

        if ($terms->range !== null && $last->sequence <= $terms->rangeAt && ! $terms->range->is($last->dose->range)) {
            return self::overDecided($terms->range, $rung, $here, $last);
        }
        $back = self::comingBack($rung, $here, $last, $newest, self::away($rung, $log, $today), $terms);
        if ($back !== null) {
            return $back;
        }
        $felt = FeltAnswer::to($here, $terms->method);
        $lighter = DoseStep::withinReach($last, $terms->method, $terms->weights);
        if ($felt !== null && ! $felt->stepsDown) {
            return self::answering($felt, $rung, $last, $lighter, $terms, $easier);
        }
        $tooMuch = self::whyLess($last, $course);
        if ($tooMuch !== null) {
            // Who stays for now does not meet the dose again that broke, nor more sets.
            $clean = self::lastCleanBelow($here, $last->dose);
            $then = $clean === null ? $lighter->dose : self::inNoMoreSets($clean->dose, $last->dose);

            return $say($then, ($clean === null ? $lighter->words : "with the dose that was clean on {$clean->date->inWords()}".($then === $clean->dose ? '' : ', in no more sets than the last time')).", {$tooMuch}.", 'Stepping down, or a clean session.');
        }
        if (($last->effort() ?? 0) > $terms->highestEffort) {
            return $say($lighter->dose, "{$lighter->words}, since the effort was {$last->effort()} of 10.", "Effort of at most {$terms->highestEffort}.");
        }
        $why = self::whyNotWhole($last, $here[count($here) - 2] ?? null);
        if ($why !== null) {
            return $say($lighter->dose, "{$lighter->words}, since {$why}.", 'A clean session, each set in form and at its target.');
        }
        $stays = self::whyStay($last, $course);
        if ($stays !== null) {
            $same = $say($last->dose, "the same dose again, {$stays}.", "A clean session at the target, pain 0, effort at most {$terms->highestEffort}.");

            return self::speaksAgainstMore($last, $terms) ? $same : $same->open();
        }

        $before = $here[count($here) - 2] ?? null;
        $next = self::more(Resistance::due($rung, $last, $before, $terms->weights)) ?? self::rise($rung, $last, $before, $course, $terms);
        $waits = $next->rises ? self::whyWait($here, $last, $next->dose, self::since($rung, $log, $today), $today, $terms->highestEffort) : null;

        return $waits === null ? $next : $say($last->dose, "the same dose once more: {$waits}.", 'A clean session at this dose.');
    }

    /** @param (\Closure(): string)|null $easier */
    private static function answering(FeltAnswer $felt, Rung $rung, RungSession $last, DoseStep $lighter, DoseTerms $terms, ?\Closure $easier): self
    {
        $smaller = $felt->asksForSupport ? DoseStep::narrower($rung, $last->dose) : null;
        $why = lcfirst(rtrim($felt->reason($rung, $smaller?->dose->range, $easier === null ? null : $easier())->sentence, '.'));
        // A cue takes nothing away: what was too hard besides is lighter.
        $isTooHard = ! $felt->asksForSupport && ($last->effort() ?? 0) > $terms->highestEffort;
        [$dose, $how] = match (true) {
            $smaller !== null => [$smaller->dose, ''],
            $felt->isLighter => [$lighter->dose, ", {$lighter->words}"],
            $isTooHard => [$lighter->dose, "; and {$lighter->words}, since the effort was {$last->effort()} of 10"],
            default => [$last->dose, '; the same dose'],
        };

        return self::saying($rung, $last, $dose, "{$why}{$how}.", 'Felt where the rung asks for it.');
    }

    /**
     * What the dose of a rung goes on from. Work by the clock, as at a station of a circuit, is a dose of another kind: neither
     * says anything of the other.
     *
     * @param list<RungSession> $log in any order, of any rung
     *
     * @return list<RungSession> by date
     */
    public static function onRung(Rung $rung, array $log, bool $byTheClock = false): array
    {
        $here = array_values(array_filter($log, static fn(RungSession $session): bool => $session->rung->slug === $rung->slug && $session->dose->first() instanceof Timed === $byTheClock));
        usort($here, static fn(RungSession $a, RungSession $b): int => [$a->date->iso(), $a->sequence] <=> [$b->date->iso(), $b->sequence]);

        return $here;
    }

    /**
     * Why a step that is due is not taken yet; null where nothing speaks against it. Of what was too much counts what the step
     * leads to, or less: more than that is not tried now.
     *
     * @param list<RungSession> $here on this rung, by date
     * @param Dose              $next what the step leads to
     */
    private static function whyWait(array $here, RungSession $last, Dose $next, int $days, Day $today, int $highestEffort): ?string
    {
        $tooMuch = array_values(array_filter($here, static fn(RungSession $session): bool => $session->date->daysUntil($today) <= Gate::REMEMBERS_DAYS && $session->wasTooMuch($highestEffort) && $session->dose->asksForMoreThan($last->dose) && ! $session->dose->asksForMoreThan($next)));
        $times = count($tooMuch);
        if ($times > 0) {
            $latest = $tooMuch[$times - 1];
            $clean = count(array_filter($here, static fn(RungSession $session): bool => $session->sequence > $latest->sequence && $session->isClean() && ! $last->dose->asksForMoreThan($session->dose)));
            $needed = self::CLEAN_FIRST * $times;
            if ($clean < $needed) {
                return DoseLine::print($latest->dose).' was too much '.($times === 1 ? '' : "{$times} times, last ")."on {$latest->date->inWords()}, and is tried again after {$needed} clean sessions here, {$clean} so far";
            }
        }

        return $days >= TimeAway::FROM_DAYS ? "{$days} days since it was done, while others of its demand were" : null;
    }

    /** @param list<RungSession> $here by date */
    private static function lastClean(array $here): ?RungSession
    {
        $clean = array_values(array_filter($here, static fn(RungSession $session): bool => $session->isClean()));

        return $clean[count($clean) - 1] ?? null;
    }

    /**
     * The last clean session that asked for less than a dose; null where there is none.
     *
     * @param list<RungSession> $here on its rung, by date
     */
    public static function lastCleanBelow(array $here, Dose $dose): ?RungSession
    {
        return self::lastClean(array_values(array_filter($here, static fn(RungSession $session): bool => $session->dose->asksForLessThan($dose))));
    }

    /**
     * Days since the demand of a rung was trained: who trained it with other exercises was not away.
     *
     * @param list<RungSession> $log of any rung
     */
    private static function away(Rung $rung, array $log, Day $today): int
    {
        $days = array_map(static fn(RungSession $session): int => $session->date->daysUntil($today), array_filter($log, static fn(RungSession $session): bool => $session->rung->demand === $rung->demand));

        return $days === [] ? 0 : min($days);
    }

    private static function saying(Rung $rung, RungSession $last, Dose $dose, string $sentence, string $otherwise): self
    {
        [$said, $isSame] = [$last->asInput(), DoseLine::print($dose) === DoseLine::print($last->dose)];

        return new self($dose, false, Reason::because(Rule::NextDose, "{$rung->name}: {$sentence}", $isSame ? $said : [...$said, 'next' => DoseLine::print($dose)], $otherwise), ! $isSame, true);
    }

    /**
     * Back on a rung after another, or after weeks away; null where neither is so.
     *
     * @param list<RungSession> $here   that count on this rung, by date
     * @param RungSession       $newest on this rung, whether it counts or not
     */
    private static function comingBack(Rung $rung, array $here, RungSession $last, RungSession $newest, int $days, DoseTerms $terms): ?self
    {
        if ($last->sequence < $terms->since) {
            $clean = self::lastClean($here);
            $dose = $clean->dose ?? FirstDose::halfLike($last->dose, $rung, $terms->method);
            // Less was done since, and not clean: that is no reason to ask for more, nor for as much where it hurt.
            $isMore = $dose->asksForMoreThan($last->dose);
            $hurts = ! $last->dose->asksForMoreThan($dose) && Pain::acts($last->pain() ?? 0);
            $dose = $hurts ? DoseStep::lighter($rung, $last->dose, $terms->method, $terms->weights)->dose : ($isMore ? $last->dose : $dose);
            $dose = self::speaksAgainstMore($last, $terms) ? self::inNoMoreSets($dose, $last->dose) : $dose;
            $with = match (true) {
                $hurts => "a step lighter than the last time, since it hurt ({$last->pain()} of 10)",
                $isMore => 'with the dose of the last time',
                $clean === null => 'at half its leaving mark',
                default => 'with the last dose that was clean here',
            };
            $away = TimeAway::of($days, $rung, $dose, $terms->method, $terms->weights);

            // What was done since and does not count was less on purpose.
            $back = $newest->sequence < $terms->since ? 'back on this rung' : 'after easier days back on this rung';

            return self::saying($rung, $last, $away->dose ?? $dose, "{$back}, {$with}".($away === null ? '.' : "; {$away->words}."), 'A clean session.');
        }
        $could = LowEnd::isMissed($last, $terms->method) ? DoseStep::withinReach($last, $terms->method, $terms->weights)->dose : $last->dose;
        $away = TimeAway::of($days, $rung, $could, $terms->method, $terms->weights);

        return $away === null ? null : self::saying($rung, $last, $away->dose, "{$away->words}.", $away->isTested ? 'A climb test of this ladder.' : 'A clean session.');
    }

    /**
     * Days since the rung was done, by the clock too.
     *
     * @param list<RungSession> $log
     */
    private static function since(Rung $rung, array $log, Day $today): int
    {
        return min(array_map(static fn(RungSession $session): int => $session->date->daysUntil($today), array_filter($log, static fn(RungSession $session): bool => $session->rung->slug === $rung->slug)) ?: [0]);
    }

    /**
     * Another range was decided on since: the last dose that was clean over it, else the last one from the low end of its band.
     *
     * @param list<RungSession> $here on this rung
     */
    private static function overDecided(Range $decided, Rung $rung, array $here, RungSession $last): self
    {
        $clean = array_values(array_filter($here, static fn(RungSession $session): bool => $decided->is($session->dose->range) && $session->isClean()));
        $body = $last->dose->first();
        $dose = $clean === [] ? $last->dose->withRange($decided)->withBody($body instanceof Reps ? Reps::of(min($body->count, $rung->band->low ?? $body->count)) : $body) : $clean[count($clean) - 1]->dose;

        return new self($dose, ($rung->range?->percent($decided) ?? 0) > ($last->dose->range === null ? 0 : $rung->range?->percent($last->dose->range) ?? 0), Reason::because(Rule::NextDose, "{$rung->name}: over {$decided->inWords()} from now on, as it was decided.", [...$last->asInput(), 'next' => DoseLine::print($dose)], 'Another decision.'));
    }

    /** Nothing was logged on the rung yet. */
    public static function first(FirstDose $first): self
    {
        return new self($first->dose, false, $first->reason);
    }

    /**
     * A step less for each time that an easier version took its place from the first set on, and less than was asked then:
     * what they come back to, by a step down and a climb, may begin above it.
     *
     * @param non-empty-list<RungSession> $took in place of it, by date
     * @param list<int>|null              $owned
     */
    public function takenOver(Rung $rung, array $took, Method $method, ?array $owned): self
    {
        $latest = $took[count($took) - 1];
        $isMuch = static fn(Dose $dose): bool => $dose->unit() === $latest->dose->unit() && ! $latest->dose->asksForMoreThan($dose);
        [$dose, $words] = [$this->dose, ''];
        for ($time = 1; $time <= count($took) || $isMuch($dose); $time++) {
            $step = DoseStep::lighter($rung, $dose, $method, $owned);
            if (DoseLine::print($step->dose) === DoseLine::print($dose)) {
                break;
            }
            [$dose, $words] = [$step->dose, $time === 1 ? $step->words : "{$time} steps less"];
        }
        $isLess = DoseLine::print($dose) !== DoseLine::print($this->dose);

        return new self($dose, false, Reason::because(
            Rule::NextDose,
            "{$rung->name}: ".($isLess ? $words : 'no less is left')."; “{$latest->rung->name}” took its place from the first set on, on {$latest->date->inWords()}.",
            ['else' => DoseLine::print($this->dose), 'next' => DoseLine::print($dose)],
            'A set of the rung itself, or stepping down.',
        ), $isLess, true);
    }

    /**
     * Both sides take it, since this one allows no more.
     *
     * @param self $other of the other side
     */
    public function forBothSides(Side $weaker, self $other): self
    {
        $differs = DoseLine::print($this->dose) !== DoseLine::print($other->dose);

        return new self($this->dose, $this->rises, $differs ? $this->reason->adding("The {$weaker->value} side sets the dose of both.") : $this->reason, $this->isLighter, $this->isMost || $other->isMost);
    }

    /** Without so many of its sets; one always stays. */
    public function withoutSets(int $sets): self
    {
        return $sets === 0 ? $this : $this->at($this->dose->withSets(max(1, $this->dose->sets() - $sets)));
    }

    /** With the further sets of one side that were written last. */
    public function withExtra(int $sets, Side $side): self
    {
        return $this->at($this->dose->withExtra($sets, $side));
    }

    /**
     * Cut to what limits allow: where that is what was done last, nothing rises.
     *
     * @param list<Reason> $why
     */
    public function cut(Dose $dose, array $why, ?Dose $last): self
    {
        $isSame = $last !== null && DoseLine::print($dose) === DoseLine::print($last);

        return new self($dose, $this->rises && ! $isSame, $this->reason->followedBy(...$why), $this->isLighter, $this->isMost);
    }

    private function at(Dose $dose): self
    {
        return new self($dose, $this->rises, $this->reason, $this->isLighter, $this->isMost);
    }

    /** Nothing was too much: a set more may be added to it. */
    private function open(): self
    {
        return new self($this->dose, $this->rises, $this->reason, $this->isLighter);
    }

    private static function inNoMoreSets(Dose $dose, Dose $last): Dose
    {
        return $dose->isFalling() || $dose->sets() <= $last->sets() ? $dose : $dose->withSets($last->sets());
    }

    private static function speaksAgainstMore(RungSession $last, DoseTerms $terms): bool
    {
        return $last->wasTooMuch($terms->highestEffort) || ($last->pain() ?? 0) > 0 || $last->feltWrong();
    }

    private static function more(?Resistance $resistance): ?self
    {
        return $resistance === null ? null : new self($resistance->dose, $resistance->rises, $resistance->reason);
    }

    private static function rise(Rung $rung, RungSession $last, ?RungSession $before, Course $course, DoseTerms $terms): self
    {
        $mark = LeavingMark::of($rung, $terms->method, $last->dose);
        $goesOn = $course === Course::TrainerStays || $course === Course::Top;
        $step = DoseStep::up($rung, $last->dose, $terms->method) ?? ($goesOn && ! self::isAbove($rung, $last->dose) ? DoseStep::beyond($rung, $last->dose) : null);
        if ($step?->isWider === true && ! self::wasCleanThere($before, $last)) {
            return new self($last->dose, false, Reason::because(Rule::NextDose, "{$rung->name}: the same dose once more; clean twice running at the top of the band the range grows to {$step->dose->range?->inWords()}.", [...$last->asInput(), 'leaving mark' => $mark->inWords()], 'A second clean session at this dose.'));
        }
        if ($step === null) {
            $why = match (true) {
                self::isAbove($rung, $last->dose) => 'it is above the band: no more repetitions, but load, range, a slower tempo or the gate.',
                $course === Course::Top => 'no higher rung is open, and there is no step left on this one.',
                default => "it is at the leaving mark, {$mark->inWords()}, and waits there for the gate.",
            };

            return new self($last->dose, false, Reason::because(Rule::NextDose, "{$rung->name}: the same dose again; {$why}", [...$last->asInput(), 'leaving mark' => $mark->inWords()], 'A climb.'));
        }
        $after = match ($course) {
            Course::TrainerStays => ', since the trainer stays on this rung',
            Course::Top => ', since no higher rung is open',
            default => '',
        };

        return new self($step->dose, true, Reason::because(
            Rule::NextDose,
            "{$rung->name}: {$step->words} after a clean ".DoseLine::print($last->dose)."{$after}.",
            [...$last->asInput(), 'next' => DoseLine::print($step->dose), 'leaving mark' => $mark->inWords()],
            "A fault, a wrong place, pain or effort above {$terms->highestEffort} keeps the dose.",
        ));
    }

    /** Whether the session before was clean too, over the same range and at as many repetitions. */
    private static function wasCleanThere(?RungSession $before, RungSession $last): bool
    {
        return $before !== null && $last->dose->range?->is($before->dose->range) === true && $before->dose->first()->target() >= $last->dose->first()->target() && $before->isClean();
    }

    /** Why the last dose was too much, whoever stays; null where it was not. Where nobody stands on the rung its pain says so. */
    private static function whyLess(RungSession $last, Course $course): ?string
    {
        return match (true) {
            $course === Course::StepDownProposed => 'since a step down is proposed',
            $course === Course::StopProposed => 'since stopping its ladder is proposed',
            Pain::acts($last->pain() ?? 0) => "since the pain was {$last->pain()} of 10",
            default => null,
        };
    }

    /** What was not whole at two sessions running, which the same dose again does not mend; null where one of them was. */
    private static function whyNotWhole(RungSession $last, ?RungSession $before): ?string
    {
        return match (true) {
            ! $last->isNotWhole() || $before?->isNotWhole() !== true => null,
            $last->isShort() && $before->isShort() => 'the target was not reached at two sessions running, in good form',
            $last->endsInAFault() && $before->endsInAFault() => 'the form went in the last set at two sessions running',
            default => 'the target was not reached, or the form went in the last set, at two sessions running',
        };
    }

    private static function whyStay(RungSession $last, Course $course): ?string
    {
        return match (true) {
            $course === Course::ClimbProposed => 'since a climb is proposed: one change at a time',
            ($last->pain() ?? 0) > 0 => "since the pain was {$last->pain()} of 10",
            ! $last->everyTick() => $last->setsWithFault() === [] ? 'since not every question about the form was answered' : 'since not every tick was yes',
            $last->feltWrong() => 'since it was felt in the wrong place',
            ! $last->reachedTarget() => 'since the target was not reached in every set',
            default => null,
        };
    }

    /** Repetitions above the band of the rung. */
    private static function isAbove(Rung $rung, Dose $dose): bool
    {
        $body = $dose->first();

        return $body instanceof Reps && $rung->band !== null && $body->count > $rung->band->high;
    }
}
