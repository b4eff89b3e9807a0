<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Balance\Position;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\Pull;
use EvenRungs\Dose\Range;
use EvenRungs\Dose\StationClock;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\Course;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\DoseStep;
use EvenRungs\Progress\DoseTerms;
use EvenRungs\Progress\FirstDose;
use EvenRungs\Progress\Gate;
use EvenRungs\Progress\LadderLog;
use EvenRungs\Progress\NextDose;
use EvenRungs\Progress\RungSession;
use EvenRungs\Reason\Reason;
use EvenRungs\Session\CapCheck;
use EvenRungs\Session\Item;
use EvenRungs\Session\Primer;

/** The doses of a person: what comes next on a rung that was trained, what comes first on one that was not, and what a primer may have. */
final class Doses
{
    /** @var array<string, NextDose|null> by rung */
    private array $due = [];

    /** @var array<string, NextDose|null> by rung */
    private array $byTheClock = [];

    /** @var array<string, list<RungSession>>|null */
    private ?array $instead = null;

    public function __construct(private readonly PersonRecord $record) {}

    /**
     * The next dose of every rung that was logged, and the first one of every rung the person stands on or did an easier
     * version of, by rung.
     *
     * @return array<string, NextDose>
     */
    public function next(): array
    {
        $next = [];
        $logged = array_map(static fn(RungSession $session): string => $session->rung->slug, $this->record->rungSessions(Side::Both));
        $working = array_map(static fn(Rung $rung): string => $rung->slug, $this->record->workingRungs());
        foreach (array_unique([...$logged, ...array_values($working), ...array_keys($this->instead())]) as $slug) {
            $next[$slug] = $this->record->library->has($slug) ? $this->due($this->record->library->rung($slug)) : null;
        }

        return array_filter($next);
    }

    /** The next dose of a rung; null where it was never logged, nobody stands on it, and nothing was done in its place. */
    public function due(Rung $rung): ?NextDose
    {
        if (! array_key_exists($rung->slug, $this->due)) {
            // Of a rung they do not stand on, as where a program begins low, nothing is known but that it was out of reach.
            $begins = isset($this->instead()[$rung->slug]) || array_filter($this->record->workingRungs(), static fn(Rung $one): bool => $one->slug === $rung->slug) !== [];
            $next = $this->after($rung) ?? ($begins ? NextDose::first($this->first($rung)) : null);
            $this->due[$rung->slug] = $next === null ? null : $this->withinLimits($rung, $this->unlessTakenOver($rung, $next));
        }

        return $this->due[$rung->slug];
    }

    private function withinLimits(Rung $rung, NextDose $next): NextDose
    {
        [$dose, $why] = $this->underLimits($rung, $next->dose);

        return $why === [] ? $next : $next->cut($dose, $why, $this->last($rung));
    }

    /** @return array{Dose, list<Reason>} as limits allow it, and what was cut */
    private function underLimits(Rung $rung, Dose $dose): array
    {
        $limits = array_values(array_filter($this->record->circumstances()->limits, static fn(Limit $limit): bool => $limit->caps !== []));

        return $limits === [] ? [$dose, []] : CapCheck::underLimits(new Item('next', $rung, $dose), $limits);
    }

    /** Less, where an easier version took its place from the first set on since the rung itself was done. */
    private function unlessTakenOver(Rung $rung, NextDose $next, bool $byTheClock = false): NextDose
    {
        $took = [];
        foreach ($this->instead()[$rung->slug] ?? [] as $session) {
            if ((! $byTheClock || $session->dose->first() instanceof Timed) && LadderLog::takesOver($rung, $session) && $session->date->daysUntil($this->record->today) <= Gate::REMEMBERS_DAYS) {
                $took[$session->date->iso()] = $session;
            }
        }
        $own = $took === [] ? [] : NextDose::onRung($rung, $this->record->rungSessions(Side::Both), $byTheClock);
        $last = $own[count($own) - 1] ?? null;
        $took = array_filter($took, static fn(RungSession $session): bool => $last === null || $last->date->isBefore($session->date));
        ksort($took);

        return $took === [] ? $next : $next->takenOver($rung, array_values($took), $this->record->method, $this->record->profile->weights);
    }

    /** @return array<string, list<RungSession>> what was done in place of a rung, by that */
    private function instead(): array
    {
        if ($this->instead === null) {
            $this->instead = [];
            foreach ($this->record->rungSessions(Side::Both) as $session) {
                if ($session->insteadOf !== null) {
                    $this->instead[$session->insteadOf][] = $session;
                }
            }
        }

        return $this->instead;
    }

    /** The next dose of a rung, or its first one. */
    public function on(Rung $rung): NextDose
    {
        return $this->due($rung) ?? NextDose::first($this->first($rung));
    }

    /** What comes next where a dose is written as this one is: in sets, null where the rung was never done and nobody stands on it; by the clock, where it was never done so. */
    public function like(Dose $written, Rung $rung): ?NextDose
    {
        if (! $written->first() instanceof Timed) {
            return $this->due($rung);
        }
        if (! array_key_exists($rung->slug, $this->byTheClock)) {
            $next = $this->after($rung, byTheClock: true);
            $this->byTheClock[$rung->slug] = $next === null ? null : $this->unlessTakenOver($rung, $next, byTheClock: true);
        }

        return $this->byTheClock[$rung->slug];
    }

    /** How long somebody works at a station: as the level of its exercise has it, and no longer than is due. */
    public function clock(Rung $rung): StationClock
    {
        $clock = StationClock::at($rung->height->level());

        return $clock->noLongerThan($this->like($clock->dose(), $rung)?->dose->first()->target() ?? $clock->work);
    }

    /** @return list<string> rungs of which nothing is added for now, a set neither */
    public function most(): array
    {
        return array_keys(array_filter($this->next(), static fn(NextDose $next): bool => $next->isMost));
    }

    /** @return array<string, Pull> of a band as it was last done, by rung */
    public function pulls(): array
    {
        $pulls = [];
        foreach ($this->record->rungSessions(Side::Both) as $session) {
            if ($session->dose->pull !== null) {
                $pulls[$session->rung->slug] = $session->dose->pull;
            }
        }

        return $pulls;
    }

    /** What comes next on a rung that was logged: of two sides the smaller dose, for both. Null where it was not. */
    private function after(Rung $rung, bool $byTheClock = false): ?NextDose
    {
        $standing = array_filter($this->record->on($rung->ladder), static fn(Position $here): bool => $here->rung->slug === $rung->slug && ! $here->stopped);
        $courses = array_map(fn(Position $here): array => [$here->side, $here, $this->course($here)], $standing);
        $ruling = $this->record->circumstances()->rule($rung);
        $last = $byTheClock ? null : $this->last($rung);
        $bySide = [];
        foreach ($rung->sidedness === Sidedness::OneSided ? [Side::Left, Side::Right] : [Side::Both] as $side) {
            if ($side !== Side::Both && $ruling->onlySide() === $side->other()) {
                continue;
            }
            [, $here, $course] = array_values(array_filter($courses, static fn(array $one): bool => $one[0]->meets($side)))[0] ?? [$side, null, $this->standsIn($rung) ? Course::Top : Course::Open];
            // Extra sets of one side are the trainer's: they come on top of whatever both do.
            $terms = new DoseTerms($this->record->method, $this->record->profile->weights, $this->record->circumstances()->highestEffort(), $here->sequence ?? 0, $here?->range, $here->placedAt ?? 0, $byTheClock);
            $next = NextDose::after($rung, $this->record->rungSessions($side), $terms, $this->record->today, $course, fn(): string => EasierNow::inWords($this->record, $rung));
            $bySide[] = [$side, $next?->withoutSets($last?->extraSide === $side ? $last->extraSets : 0)];
        }
        $bySide = array_values(array_filter($bySide, static fn(array $one): bool => $one[1] !== null));
        /** @var list<array{Side, NextDose}> $bySide */
        if ($bySide === []) {
            return null;
        }
        usort($bySide, fn(array $a, array $b): int => $this->weight($rung, $a[1]->dose) <=> $this->weight($rung, $b[1]->dose));
        [$side, $smaller] = $bySide[0];
        $smaller = isset($bySide[1]) ? $smaller->forBothSides($side, $bySide[1][1]) : $smaller;

        return $last?->extraSide === null ? $smaller : $smaller->withExtra($last->extraSets, $last->extraSide);
    }

    /**
     * By what one dose of a rung is more than another: what a set asks for before the number of sets, which goes by the minutes of the day.
     *
     * @return list<int>
     */
    private function weight(Rung $rung, Dose $dose): array
    {
        $total = DoseStep::total($rung, $dose, $this->record->method);

        return [$dose->loadGrams ?? 0, $dose->pull->newtons ?? 0, intdiv(100 * $total, $dose->sets()), $total];
    }

    /** What was asked for when the rung was trained last; null where it never was. */
    public function last(Rung $rung): ?Dose
    {
        $here = NextDose::onRung($rung, $this->record->rungSessions(Side::Both));

        return $here === [] ? null : $here[count($here) - 1]->dose;
    }

    /** The dose of an exercise in fewer sets: a step that was a set more began with less in each, and without that set it is what was done last. */
    public function inFewer(Item $item, int $sets): Dose
    {
        $last = $this->last($item->rung);
        $isSetMore = $last !== null && $this->due($item->rung)?->rises === true && $item->dose->unit() === $last->unit() && $sets === $last->sets() && $item->dose->first()->target() < $last->first()->target();
        if (! $isSetMore) {
            return $item->dose->withSets($sets);
        }
        $dose = $last->perSide && $item->dose->only !== null ? $last->onlyOn($item->dose->only) : $last;

        return $dose->withRest($item->dose->restSeconds);
    }

    /** What a rung begins with that was never trained: from its own test, else from its leaving mark. */
    public function first(Rung $rung, Side $side = Side::Both): FirstDose
    {
        $best = [];
        $tested = null;
        foreach ($this->record->history->holds() as $hold) {
            $version = $hold->kind->testedRung();
            if ($version === $rung->slug && $hold->side->meets($side)) {
                $best[$hold->side->value] = $hold->seconds;
            }
            $ofLadder = $version !== null && $this->record->library->has($version) ? $this->record->library->rung($version) : null;
            $tested = $ofLadder?->ladder === $rung->ladder ? $ofLadder : $tested;
        }
        $range = $this->rangeOn($rung);
        $fromTest = $best === [] ? null : FirstDose::tested($rung, min($best), $this->record->method, $this->record->circumstances()->asksForLessEffort());
        // A test doses only the version tested: an easier one is to be timed itself.
        $isEasier = $tested !== null && $rung->doseKind->isHold() && $rung->height->above($tested->height) < 0;

        $first = $fromTest ?? ($isEasier ? FirstDose::untested($rung, $this->record->method) : FirstDose::half($rung, $this->record->method, $this->leftFor($rung)));

        $first = $range === null ? $first : $first->over($range);
        [$dose, $why] = $this->underLimits($rung, $first->dose);

        return $why === [] ? $first : $first->cut($dose, $why);
    }

    /** Where an easier rung takes over: what was written, where it goes with that rung; else what it begins with, for as many sets. */
    public function carriedOver(Item $item, Rung $rung): Dose
    {
        $written = $item->dose;
        if ($rung->sidedness === $item->rung->sidedness && ($rung->doseKind === $item->rung->doseKind || $written->first() instanceof Timed)) {
            // A weight or a tempo belongs to the version it was written for.
            return $rung->ranged($written->withRange(null)->withLoad(null)->withPull(null)->withTempo($rung->tempo === null ? null : $written->tempo));
        }
        if ($written->first() instanceof Timed) {
            return $rung->ranged(Dose::of($written->sets(), $written->first(), restSeconds: $written->restSeconds, optionalSets: $written->optionalSets));
        }
        $first = $this->first($rung)->dose;

        return $first->withSets(min(20, $written->allSets()))->withRest($written->restSeconds);
    }

    /** The range decided last on this rung; null where the person does not stand on it, or it has none. */
    private function rangeOn(Rung $rung): ?Range
    {
        foreach ($rung->range === null ? [] : $this->record->on($rung->ladder) as $here) {
            if ($here->rung->slug === $rung->slug) {
                return $here->range;
            }
        }

        return null;
    }

    /** The rung of this ladder the person stood on before; null when they were placed here first. */
    private function leftFor(Rung $rung): ?Rung
    {
        $left = null;
        foreach ($this->record->history->placings as $placing) {
            if ($placing->ladder === $rung->ladder && $placing->rung !== $rung->slug && $this->record->library->has($placing->rung)) {
                $left = $this->record->library->rung($placing->rung);
            }
        }

        return $left;
    }

    /** Whether it is done while the working rung above it is ruled out: there is nothing to climb to from it. */
    private function standsIn(Rung $rung): bool
    {
        $working = $this->record->workingRung($rung->ladder);
        $circumstances = $this->record->circumstances();

        return $working !== null && ! $circumstances->rule($working)->openOn(Side::Both)
            && $circumstances->nextOpen($this->record->library->ladder($rung->ladder), $working, up: false)?->slug === $rung->slug;
    }

    private function course(Position $here): Course
    {
        $proposed = $this->record->judgement()->proposal($here)->choice;
        if ($proposed === Decision::StepDown) {
            return Course::StepDownProposed;
        }
        if ($proposed === Decision::StopLadder || $proposed === Decision::Refer) {
            return Course::StopProposed;
        }
        if ($this->record->circumstances()->nextOpen($this->record->library->ladder($here->rung->ladder), $here->rung, up: true) === null) {
            return Course::Top;
        }
        if ($proposed !== Decision::Climb) {
            return Course::Open;
        }

        return $this->record->judgement()->lastDecision($here)?->choice === Decision::Stay ? Course::TrainerStays : Course::ClimbProposed;
    }

    /** A primer takes rungs at least 2.0 below the working one, or any at half its dose; activation is easy by what it is. */
    public function isTooMuchForPrimer(Item $item): bool
    {
        $working = $this->record->workingRung($item->rung->ladder);
        if ($item->rung->demand === Demand::Activation || ($working !== null && $working->height->above($item->rung->height) >= Primer::LOWER_TENTHS)) {
            return false;
        }

        return 2 * DoseStep::total($item->rung, $item->dose, $this->record->method) > DoseStep::total($item->rung, $item->rung->defaultDose($this->record->method), $this->record->method);
    }
}
