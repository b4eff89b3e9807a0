<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Open;
use EvenRungs\Dose\Reps;
use EvenRungs\Dose\Timed;
use EvenRungs\Dose\Unit;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Objection;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\StandIns;
use EvenRungs\Ladder\Substitution;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** What the trainer should know about a session for this person before it is used, each with its repair where there is one. */
final readonly class Warnings
{
    /** Front work from the plank on the toes upward can make a weak belly dome (our own boundary). */
    private const DOMING_FROM_TENTHS = 40;

    /** So many exercises below their working rungs, and none on one, are an easy session and no oversight (our own choice). */
    private const EASY_FROM = 2;

    /**
     * @param list<string>             $placed  ladders the person stands on
     * @param \Closure(string): ?Rung  $working working rung by ladder, asked for where it is needed
     * @param \Closure(string): bool   $stopped whether a ladder was stopped after pain
     */
    public function __construct(private Circumstances $circumstances, private array $placed, private \Closure $working, private \Closure $stopped, private Library $library, private StandIns $standIns = new StandIns, private bool $isEasy = false) {}

    /** For the exercises of a session: where all of it is easier than what they train, that is said of it once. */
    public function in(Session $session): self
    {
        return new self($this->circumstances, $this->placed, $this->working, $this->stopped, $this->library, $this->standIns, $this->easy($session) !== []);
    }


    /**
     * @param array<string, Rung> $working working rung by ladder, where the person is placed
     * @param list<string>        $stopped ladders stopped after pain
     */
    public static function knowing(Circumstances $circumstances, array $working, array $stopped, Library $library): self
    {
        $here = static fn(string $ladder): ?Rung => $working[$ladder] ?? null;
        $isStopped = static fn(string $ladder): bool => in_array($ladder, $stopped, true);

        return new self($circumstances, array_keys($working), $here, $isStopped, $library, new StandIns(null, $here, $isStopped));
    }

    /**
     * @param bool $inCircuit a swap then keeps the number of rounds
     *
     * @return list<Warning> about one exercise
     */
    public function about(Item $item, Part $part = Part::Main, bool $inCircuit = false): array
    {
        $warnings = [];
        $ruling = $this->circumstances->rule($item->rung);
        $against = array_filter($ruling->objections, static fn(Objection $objection): bool => $objection->side->meets($item->dose->only ?? Side::Both));
        $narrowed = $against === [] ? null : Permitted::item($item, $this->circumstances);
        // One repair mends them all: the side that may work, else another rung.
        $repair = match (true) {
            $against === [] => null,
            $narrowed !== null && $narrowed !== $item => Repair::by(ucfirst($narrowed->firstSide->value).' side only', Edit::dose($item->id, $narrowed->dose)),
            default => $this->substitute($item, $inCircuit),
        };
        foreach ($against as $objection) {
            $warnings[] = new Warning($objection->reason, $repair);
            $repair = null;
        }
        foreach ($ruling->allowed as $reason) {
            $warnings[] = new Warning($reason);
        }
        if (($this->stopped)($item->rung->ladder)) {
            $warnings[] = new Warning(
                Reason::because(Rule::PainHigh, 'This ladder was stopped after pain: reopen it on the board, with a reason, before it is trained again.'),
                Repair::by('Take it out', Edit::remove($item->id)),
            );
        }
        $inRepetitions = self::heldNotRepeated($item);
        if ($inRepetitions !== null) {
            $warnings[] = $inRepetitions;
        }
        $off = $part === Part::Primer ? $this->tooHardForPrimer($item) : $this->offTheWorkingRung($item, $inCircuit);
        if ($off !== null) {
            $warnings[] = $off;
        }
        $open = self::openSet($item);
        if ($open !== null) {
            $warnings[] = $open;
        }
        foreach ($this->circumstances->limits as $limit) {
            $warnings = [...$warnings, ...$this->beyond($limit, $item, $inCircuit)];
        }

        return $warnings;
    }

    private static function heldNotRepeated(Item $item): ?Warning
    {
        $body = $item->dose->first();
        if (! self::isHeld($item->rung) || $body->unit() !== Unit::Reps) {
            return null;
        }
        $seconds = $body->target();
        $held = $body instanceof Open ? Open::of($seconds, $body->cap, Unit::Seconds) : Holds::of(1, $seconds, 0);

        return new Warning(
            Reason::because(Rule::HeldNotRepeated, "“{$item->rung->name}” is held, not repeated: {$seconds} repetitions of it cannot be meant.", ['written' => DoseLine::print($item->dose)], 'A dose in seconds.'),
            Repair::by("{$seconds} s instead", Edit::dose($item->id, $item->dose->withTempo(null)->withBody($held))),
        );
    }

    private static function openSet(Item $item): ?Warning
    {
        $body = $item->dose->first();
        if (! $body instanceof Open) {
            return null;
        }
        $inReps = $body->unit() === Unit::Reps && ! self::isHeld($item->rung);
        $fixed = $inReps ? Reps::of($body->estimate) : Holds::of(1, $body->estimate, 0);

        return new Warning(Reason::because(
            Rule::OpenEstimate,
            "An open set: the clock counts the estimate of {$body->estimate}".($body->cap === null ? '' : ", the cap is {$body->cap}").'.',
            ['estimate' => $body->estimate],
            'Another estimate, or a set with a fixed target.',
        ), Repair::by("A fixed set of {$body->estimate}".($inReps ? '' : ' s'), Edit::dose($item->id, ($inReps ? $item->dose : $item->dose->withTempo(null))->withBody($fixed))));
    }

    private static function isHeld(Rung $rung): bool
    {
        return ! $rung->dynamic && $rung->tempo === null;
    }

    /** @return list<Warning> about the session as a whole */
    public function aboutAll(Session $session): array
    {
        return [...$this->easySession($session), ...(new SessionWarnings($this->circumstances, $this->placed, $this->working, $this->stopped))->about($session)];
    }

    /**
     * The exercises that stand below the working rung, where there are several and none of the session's stands on it or above.
     *
     * @return list<array{Item, bool}> and whether it is a station of a circuit
     */
    private function easy(Session $session): array
    {
        $below = [];
        foreach ($session->blocks as $block) {
            foreach ($block->part() === Part::Primer ? [] : $block->items() as $item) {
                $working = ($this->working)($item->rung->ladder);
                if ($working !== null && $item->rung->height->above($working->height) >= 0) {
                    return [];
                }
                if ($working !== null && ! $this->isLowerOnPurpose($item->rung, $working)) {
                    $below[] = [$item, $block instanceof Circuit];
                }
            }
        }

        return count($below) < self::EASY_FROM ? [] : $below;
    }

    /** @return list<Warning> that all of it is easy; none where it is not */
    private function easySession(Session $session): array
    {
        $edits = $heights = [];
        foreach ($this->easy($session) as [$item, $inCircuit]) {
            $working = ($this->working)($item->rung->ladder);
            if ($working !== null) {
                $edits[] = $this->swap($item, $working, $inCircuit);
                $heights[$item->rung->name] = "{$item->rung->height->label()}; working rung {$working->height->label()}, “{$working->name}”";
            }
        }
        $count = count($edits);

        return $count === 0 ? [] : [new Warning(
            Reason::because(Rule::WorkingRung, "An easy session: {$count} exercises stand below the working rungs of their ladders, and none on one.", $heights, 'Swapping to the working rungs.'),
            Repair::by("Swap all {$count} to the working rungs", ...$edits),
        )];
    }

    private function swapTo(Item $item, Rung $rung, string $label, bool $inCircuit): Repair
    {
        return Repair::by($label, $this->swap($item, $rung, $inCircuit));
    }

    /** Work by the clock stays, and in a circuit the rounds; else the dose is the default of the other rung. */
    private function swap(Item $item, Rung $rung, bool $inCircuit): Edit
    {
        $default = $rung->defaultDose($this->circumstances->method);
        $dose = match (true) {
            $item->dose->first() instanceof Timed => $item->dose->onlyOn(Side::Both)->withRange(null),
            $inCircuit && ! $default->isFalling() => $default->withSets($item->dose->sets()),
            default => $default,
        };

        return Edit::swap($item->id, $rung, $dose, ! $inCircuit && ! $item->dose->first() instanceof Timed);
    }

    private function substitute(Item $item, bool $inCircuit): ?Repair
    {
        $working = ($this->working)($item->rung->ladder);
        if ($working !== null && $working->slug !== $item->rung->slug && $working->height->above($item->rung->height) <= 0 && $this->circumstances->rule($working)->openOn(Side::Both)) {
            return $this->swapTo($item, $working, "Swap to {$working->name}", $inCircuit);
        }
        $instead = Substitution::for($item->rung, $this->library, $this->circumstances, $this->standIns)?->instead;

        return $instead === null ? null : $this->swapTo($item, $instead, "Swap to {$instead->name}", $inCircuit);
    }

    private function offTheWorkingRung(Item $item, bool $inCircuit): ?Warning
    {
        $working = ($this->working)($item->rung->ladder);
        if ($working === null) {
            return $this->aboveTheDemand($item, $inCircuit);
        }
        if ($working->slug === $item->rung->slug) {
            return null;
        }
        $above = $item->rung->height->above($working->height);
        if ($above <= 0 && ($this->isEasy || $this->isLowerOnPurpose($item->rung, $working))) {
            return null;
        }

        return new Warning(Reason::because(
            Rule::WorkingRung,
            "“{$item->rung->name}” stands ".Height::tenthsLabel(abs($above)).($above > 0 ? ' above' : ' below')." the working rung “{$working->name}”".($above > 0 ? ': too high for the person today.' : '.'),
            ['this rung' => $item->rung->height->label(), 'working rung' => $working->height->label()],
            'Swapping to the working rung, or placing the person on this one.',
        ), $this->circumstances->rule($working)->openOn(Side::Both) ? $this->swapTo($item, $working, 'Swap to the working rung', $inCircuit) : null);
    }

    /** Of a ladder nobody placed them on: above what they do for the same demand elsewhere. */
    private function aboveTheDemand(Item $item, bool $inCircuit): ?Warning
    {
        $stands = null;
        foreach ($item->rung->demand === Demand::Activation ? [] : $this->placed as $ladder) {
            $rung = ($this->working)($ladder);
            if ($rung?->demand === $item->rung->demand && ($stands === null || $rung->height->above($stands->height) > 0)) {
                $stands = $rung;
            }
        }
        if ($stands === null || $item->rung->height->above($stands->height) <= 0) {
            return null;
        }
        $ladder = $this->library->ladder($item->rung->ladder);
        $careful = array_filter($ladder->trunk($this->circumstances->method), fn(Rung $rung): bool => $stands->height->above($rung->height) >= Ladder::CAREFUL_TENTHS && $this->circumstances->rule($rung)->openOn(Side::Both));
        $start = $careful === [] ? null : $careful[array_key_last($careful)];

        return new Warning(Reason::because(
            Rule::WorkingRung,
            "“{$item->rung->name}” stands ".Height::tenthsLabel($item->rung->height->above($stands->height))." above “{$stands->name}”, the highest for the same demand, and they are not placed on its ladder.",
            ['this rung' => $item->rung->height->label(), 'they stand at' => $stands->height->label(), 'a careful start' => 'at least '.Height::tenthsLabel(Ladder::CAREFUL_TENTHS).' below'],
            'A careful start, or a placing on “'.$ladder->name.'”.',
        ), $start === null ? null : $this->swapTo($item, $start, "Begin with {$start->name}", $inCircuit));
    }

    /** What is held stands in for what moves, a lower rung for one that is closed, or that a limit has watched for doming. */
    private function isLowerOnPurpose(Rung $rung, Rung $working): bool
    {
        return (! $rung->dynamic && $working->dynamic) || $this->watchedForDoming($working) !== [] || ! $this->circumstances->rule($working)->openOn(Side::Both);
    }

    private function tooHardForPrimer(Item $item): ?Warning
    {
        $working = ($this->working)($item->rung->ladder);
        $primer = $working === null || $item->rung->demand === Demand::Activation ? null : Primer::of($working, $this->library->ladder($working->ladder), $this->circumstances);
        if ($working === null || $primer === null) {
            return null;
        }
        $isLow = $item->rung->height->above($primer->rung->height) <= 0;
        $isShort = ! $primer->half || $item->dose->sets() * $item->dose->first()->target() <= $primer->dose->sets() * $primer->dose->first()->target();
        if ($isLow && $isShort && ! $item->dose->first() instanceof Open) {
            return null;
        }

        return new Warning(Reason::because(
            Rule::Primer,
            "“{$item->rung->name}” is too hard for a primer: {$primer->rule}",
            ['this rung' => $item->rung->height->label(), 'working rung' => $working->height->label(), 'primer' => $primer->rung->name.' '.DoseLine::print($primer->dose)],
            'A lower rung, or half the dose.',
        ), $isLow && ! $primer->half
            ? $this->halfOf($item)
            : Repair::by("Swap to {$primer->rung->name}", Edit::swap($item->id, $primer->rung, $primer->dose)));
    }

    private function halfOf(Item $item): Repair
    {
        $dose = Primer::halved($item->rung->defaultDose($this->circumstances->method));

        return Repair::by('Write '.DoseLine::print($dose, $this->circumstances->method->counting()), Edit::dose($item->id, $dose));
    }

    /** @return list<Warning> what in the dose of an exercise goes beyond a limit */
    private function beyond(Limit $limit, Item $item, bool $inCircuit): array
    {
        $warnings = [];
        $origin = $limit->origin === '' ? [] : ['where from' => $limit->origin];
        foreach ($limit->caps as $cap) {
            if (! $cap->concerns($item->rung->position, $item->rung->demand)) {
                continue;
            }
            $written = CapCheck::measured($item, $cap);
            if ($written > $cap->seconds) {
                $what = $cap->wholeSet ? 'a set' : 'this one';
                $dose = CapCheck::within($item, $cap);
                $warnings[] = new Warning(
                    Reason::because(Rule::LimitCaution, ucfirst($limit->name).": {$cap->inWords()}; {$what} is {$written} s.", [...$origin, 'written' => "{$written} s", 'allowed' => "{$cap->seconds} s"], 'Shorter bouts, or a rung in another position.'),
                    $dose === null ? null : Repair::by('Write '.DoseLine::print($dose, $this->circumstances->method->counting()), Edit::dose($item->id, $dose)),
                );
            }
        }
        if (in_array($limit, $this->watchedForDoming($item->rung), true)) {
            $lower = $this->circumstances->nextOpen($this->library->ladder($item->rung->ladder), $item->rung, false);
            while ($lower !== null && $lower->height->tenths >= self::DOMING_FROM_TENTHS) {
                $lower = $this->circumstances->nextOpen($this->library->ladder($lower->ladder), $lower, false);
            }
            $warnings[] = new Warning(
                Reason::because(Rule::LimitCaution, ucfirst($limit->name).": “{$item->rung->name}” only while the belly stays flat along the middle; doming ends the set.", $origin, 'A lower rung of the ladder.'),
                $lower === null ? null : $this->swapTo($item, $lower, "Swap to {$lower->name}", $inCircuit),
            );
        }

        return $warnings;
    }

    /** @return list<Limit> that let a rung be done only while the belly stays flat */
    private function watchedForDoming(Rung $rung): array
    {
        $isHard = $rung->demand === Demand::AntiExtension && $rung->height->tenths >= self::DOMING_FROM_TENTHS;

        return array_values(array_filter($this->circumstances->limits, static fn(Limit $limit): bool => $isHard && $limit->watchesDoming));
    }
}
