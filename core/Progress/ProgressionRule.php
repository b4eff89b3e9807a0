<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Reason\Words;

/**
 * Proposes climb, stay, step down, stop this ladder, or stop and refer, from what was logged.
 * When several apply: refer before stop, before step down, before stay, before climb.
 */
final readonly class ProgressionRule
{
    /** With so little effort at the mark a climb test is offered at once. */
    private const EASY_EFFORT = 4;

    /** So many sessions running too hard or not whole, each with less than the one before, and the rung is too hard (our own choice). */
    private const HARD_RUNNING = 3;

    private function __construct(
        private Ladder $ladder,
        private Rung $working,
        private LadderLog $log,
        private Circumstances $circumstances,
        private Method $method,
    ) {}

    /**
     * @param Rung              $working      the rung the person stands on
     * @param int               $since        order in time of the placing: what was logged before it counts for pain only
     * @param list<RungSession> $log          everything logged for the person on any ladder, in any order
     * @param int|null          $painBaseline recorded baseline under a clinician's written scope
     */
    public static function propose(
        Ladder $ladder,
        Rung $working,
        int $since,
        array $log,
        Method $method,
        Circumstances $circumstances,
        Day $today,
        ?int $painBaseline = null,
    ): Proposal {
        $done = new LadderLog($ladder, $working, $since, $log);
        $judge = new self($ladder, $working, $done, $circumstances, $method);
        $gate = Gate::of($working, $done->onRung(), $method, $today, $painBaseline, $circumstances->highestEffort(), $done->isCut(), $done->cameDownFrom($circumstances, $today));

        return $judge->afterPain($gate) ?? $judge->stepDown($gate) ?? $judge->climb($gate) ?? $judge->stay($gate);
    }

    private function afterPain(Gate $gate): ?Proposal
    {
        $latest = $this->log->latest();
        if ($latest === null) {
            return null;
        }
        if ($latest->isStopEvent()) {
            $dates = $this->log->stopDates($latest->date);
            $reason = $this->stopReason($latest);
            if (count($dates) >= 2) {
                return new Proposal(Decision::Refer, null, [
                    Reason::because(
                        Rule::PainTwice,
                        'The second time within 28 days that pain stopped a ladder: stop and refer to a licensed clinician.',
                        ['dates' => implode(', ', $dates)],
                        'A clinician’s clearance opens training again.',
                    ),
                    $reason,
                ], $gate);
            }

            return new Proposal(Decision::StopLadder, null, [$reason], $gate);
        }
        $pain = $latest->pain();
        if ($pain !== null && Pain::acts($pain)) {
            return $this->stopAtTheLowest($latest, $pain, $gate) ?? $this->down($gate, Reason::because(
                Rule::PainMiddle,
                "Pain {$pain} of 10: step down, and no climb until two sessions at 0 to 2.",
                ['pain' => "{$pain} of 10"],
                'Two sessions running with pain at 2 or less.',
            ));
        }

        return null;
    }

    /** Pain that acts a second time running where there is nothing lower to come down to; null otherwise. */
    private function stopAtTheLowest(RungSession $latest, int $pain, Gate $gate): ?Proposal
    {
        $sessions = $this->log->onLadder();
        $before = $sessions[count($sessions) - 2] ?? null;
        if (! Pain::acts($before?->pain() ?? 0) || $this->lower() !== null) {
            return null;
        }

        return new Proposal(Decision::StopLadder, null, [Reason::because(
            Rule::PainLowest,
            "Pain {$pain} of 10 again, after {$before?->pain()} on {$before?->date->inWords()}, and no lower rung is open: stop this ladder. Pain that stays with the easiest version is for a licensed clinician to look at.",
            ['pain' => "{$pain} of 10", 'date' => $latest->date->iso()],
            'Only the trainer reopens a stopped ladder, with a reason.',
        )], $gate);
    }

    private function stepDown(Gate $gate): ?Proposal
    {
        $sessions = $this->log->onRung();
        $easier = $this->log->doneInstead();
        if ($easier !== null && ($sessions === [] || $sessions[count($sessions) - 1]->date->isBefore($easier->date))) {
            return $this->down($gate, Reason::because(
                Rule::StepDownEasier,
                "“{$easier->rung->name}” took its place from the first set on.",
                ['date' => $easier->date->iso(), 'instead of' => $this->working->name],
                'A set of the rung itself.',
            ));
        }
        if ($sessions === []) {
            return null;
        }
        $latest = $sessions[count($sessions) - 1];
        $before = $sessions[count($sessions) - 2] ?? null;
        $faults = $this->faults($latest);

        if ($latest->dose->sets() === 1) {
            if ($faults !== [] && $before !== null && $this->faults($before) !== []) {
                return $this->down($gate, Reason::because(Rule::StepDownForm, 'A fault in the one set, at two sessions running.', ['sessions' => $before->date->iso().' and '.$latest->date->iso()], 'A session with every tick yes.'));
            }
        } elseif (count($faults) >= 2 || in_array(1, $faults, true)) {
            return $this->down($gate, Reason::because(
                Rule::StepDownForm,
                count($faults) >= 2 ? 'A fault in '.Words::sets($faults).'.' : 'A fault in the first set already.',
                ['sets with a fault' => implode(', ', $faults)],
                'At most a fault in the last set.',
            ));
        }
        if (LowEnd::isMissed($latest, $this->method) && $before !== null && LowEnd::isMissed($before, $this->method)) {
            return $this->down($gate, Reason::because(Rule::StepDownLowEnd, 'The low end was missed at two sessions running.', ['sessions' => $before->date->iso().' and '.$latest->date->iso()], 'One session at the low end or above.'));
        }
        if ($before !== null && $this->isShortAtLeast($latest) && $this->isShortAtLeast($before)) {
            return $this->down($gate, Reason::because(Rule::StepDownLowEnd, 'The target was missed at two sessions running, and no lighter dose is left on this rung.', ['sessions' => $before->date->iso().' and '.$latest->date->iso()], 'The target in every set.'));
        }
        $first = $this->tooMuchAtTheLowEndBefore($sessions);
        if ($first !== null) {
            return $this->down($gate, Reason::because(
                Rule::StepDownLowEnd,
                'The low end was too much again, as on '.$first->date->inWords().($this->lower() === null ? '.' : ': less than that is a lower rung.'),
                ['sessions' => $first->date->iso().' and '.$latest->date->iso(), ...($latest->effort() === null ? [] : ['effort' => "{$latest->effort()} of 10"])],
                'The low end or more, within the effort and in form.',
            ));
        }
        $version = $this->hardThoughLighter($sessions) ?? $this->brokenThoughLighter($sessions);
        if ($version !== null) {
            return $this->down($gate, $version);
        }
        $answer = FeltAnswer::to($sessions, $this->method);

        return $answer?->stepsDown === true ? $this->down($gate, $answer->reason($this->working, easier: $this->easierInWords())) : null;
    }

    /**
     * A set that was stopped at the first loss of form after its low end is short, not faulty.
     *
     * @return list<int> numbers of the sets with a fault, from 1
     */
    private function faults(RungSession $session): array
    {
        return array_values(array_filter($session->setsWithFault(), function (int $number) use ($session): bool {
            $least = $session->sets[$number - 1]->least();
            $target = $session->dose->body(min($number, $session->dose->allSets()))->target();

            return $least === null || $least >= $target || $least < LowEnd::of($session, $target, $this->method);
        }));
    }

    /**
     * The session before in which the low end was too much, where it was in the last one too and was never mastered in
     * between: what lies below is done well, and leads back to where it broke.
     *
     * @param non-empty-list<RungSession> $sessions
     */
    private function tooMuchAtTheLowEndBefore(array $sessions): ?RungSession
    {
        $here = array_values(array_filter($sessions, fn(RungSession $session): bool => $session->rung->slug === $this->working->slug && $this->asksForTheLowEnd($session)));
        $latest = $here[count($here) - 1] ?? null;
        $before = $here[count($here) - 2] ?? null;
        if ($latest === null || $before === null || $latest !== $sessions[count($sessions) - 1] || $before->date->daysUntil($latest->date) > Gate::REMEMBERS_DAYS) {
            return null;
        }
        $broke = fn(RungSession $session): bool => $this->isLeast($session) && $session->wasTooMuch($this->circumstances->highestEffort());

        return $broke($latest) && $broke($before) ? $before : null;
    }

    /**
     * Above one's own limit of effort at three sessions running, though each asked for less.
     *
     * @param list<RungSession> $sessions by date
     */
    private function hardThoughLighter(array $sessions): ?Reason
    {
        $efforts = array_map(static fn(RungSession $session): int => $session->effort() ?? 0, $this->eachWithLess($sessions));

        return $efforts === [] || min($efforts) <= $this->circumstances->highestEffort() ? null : Reason::because(
            Rule::StepDownEffort,
            'Effort '.implode(', ', $efforts).' of 10 at three sessions running, though each asked for less: it is the version that is too hard, not the dose.',
            ['efforts' => implode(', ', $efforts), 'at most' => $this->circumstances->highestEffort()],
            "A session at effort {$this->circumstances->highestEffort()} or less.",
        );
    }

    /**
     * Short, or out of form at the end, at three sessions running, though each asked for less.
     *
     * @param list<RungSession> $sessions by date
     */
    private function brokenThoughLighter(array $sessions): ?Reason
    {
        $last = $this->eachWithLess($sessions);
        $isBroken = array_filter($last, static fn(RungSession $session): bool => $session->isNotWhole()) === $last;

        return $last === [] || ! $isBroken ? null : Reason::because(
            Rule::StepDownForm,
            'Short of the target, or out of form in the last set, at three sessions running, though each asked for less: it is the version that is too hard, not the dose.',
            ['sessions' => implode(', ', array_map(static fn(RungSession $session): string => $session->date->iso(), $last))],
            'A session in form and at its target, in every set.',
        );
    }

    /**
     * The last three sessions of this rung, where each asked for less than the one before; none otherwise.
     *
     * @param list<RungSession> $sessions by date
     *
     * @return list<RungSession>
     */
    private function eachWithLess(array $sessions): array
    {
        $last = array_slice($sessions, -self::HARD_RUNNING);
        foreach ($last as $at => $session) {
            if ($session->rung->slug !== $this->working->slug || ($at > 0 && ! $session->dose->asksForLessThan($last[$at - 1]->dose))) {
                return [];
            }
        }

        return count($last) === self::HARD_RUNNING ? $last : [];
    }

    /** By the clock in a circuit there is no low end. */
    private function asksForTheLowEnd(RungSession $session): bool
    {
        return ! $session->dose->first() instanceof Timed && $session->dose->first()->target() >= LowEnd::of($session, PHP_INT_MAX, $this->method);
    }

    /** Whether a step less would be none, or below the low end, and no more was done than was asked; where the load can come down it is not. */
    private function isLeast(RungSession $session): bool
    {
        $target = $session->dose->first()->target();
        $lighter = DoseStep::lighter($session->rung, $session->dose, $this->method, null)->dose;

        return (DoseLine::print($lighter) === DoseLine::print($session->dose) || $lighter->first()->target() < LowEnd::of($session, PHP_INT_MAX, $this->method))
            && array_filter($session->sets, static fn(SetLog $set): bool => ($set->least() ?? 0) > $target) === [];
    }

    /** Short of the target where less would be none. */
    private function isShortAtLeast(RungSession $session): bool
    {
        return $session->missedTarget() && DoseLine::print(DoseStep::down($session->rung, $session->dose, $this->method)->dose) === DoseLine::print($session->dose);
    }

    private function climb(Gate $gate): ?Proposal
    {
        if (! $gate->isOpen() || $this->log->painHoldsBack()) {
            return null;
        }
        $next = $this->circumstances->nextOpen($this->ladder, $this->working, up: true);
        if ($next === null) {
            return new Proposal(Decision::Stay, null, [Reason::because(Rule::Stay, 'The gate is open, but no higher rung of this ladder is open to this person.', [], 'More kit, or a limit lifted.')], $gate);
        }

        return new Proposal(Decision::Climb, $next, [
            Reason::because(Rule::GateSessions, "The gate is open: on to “{$next->name}” ({$next->height->label()}).", ['clean sessions running' => $gate->cleanSessions, 'days on the rung' => $gate->daysOnRung]),
            ...$this->offer($gate),
            ...array_map(static fn(Condition $condition): Reason => $condition->reason, $gate->conditions),
        ], $gate);
    }

    private function stay(Gate $gate): Proposal
    {
        $pain = $this->log->latest()?->pain();
        $sessions = $this->log->onRung();
        $felt = $sessions === [] ? null : FeltAnswer::to($sessions, $this->method);
        $feeling = $felt === null ? [] : [$felt->reason($this->working, easier: $this->easierInWords())];
        if ($pain === 1 || $pain === 2) {
            return new Proposal(Decision::Stay, null, [...$feeling, ...$this->atLowPain($pain, $gate, $felt?->isLighter === true), ...$this->painThatStays()], $gate);
        }
        if ($sessions === []) {
            return new Proposal(Decision::Stay, null, [Reason::because(Rule::Stay, 'Nothing was logged on this rung since the placing.', [], 'A logged session on this rung.')], $gate);
        }
        if ($gate->isOpen()) {
            return new Proposal(Decision::Stay, null, [Reason::because(Rule::PainMiddle, 'After pain of 3 to 5, no climb until two sessions at 0 to 2.', [], 'One more session with pain at 2 or less.')], $gate);
        }
        $open = array_values(array_filter($gate->conditions, static fn(Condition $condition): bool => $condition->met !== true));
        $reasons = array_map(static fn(Condition $condition): Reason => $condition->reason, $open);

        return new Proposal(Decision::Stay, null, [...$feeling, ...$this->offer($gate), ...$reasons], $gate);
    }

    /** @return list<Reason> that the dose does not rise; where it comes down for its effort, or where it was felt, it is not kept */
    private function atLowPain(int $pain, Gate $gate, bool $isLighter): array
    {
        $effort = array_filter($gate->conditions, static fn(Condition $condition): bool => $condition->met === false && $condition->reason->rule === Rule::GateEffort);

        return [
            Reason::because(Rule::PainLow, "Pain {$pain} of 10: ".($effort === [] && ! $isLighter ? 'keep the dose and ask next morning.' : 'no more than this dose, and ask next morning.'), ['pain' => "{$pain} of 10"], 'A session at pain 0.'),
            ...array_values(array_map(static fn(Condition $condition): Reason => $condition->reason, $effort)),
        ];
    }

    /** @return list<Reason> that it does not settle, where it has been told for weeks: low as it is, the dose that is kept does not mend it */
    private function painThatStays(): array
    {
        [$since, $sessions] = $this->log->painRunsOn() ?? [null, 0];
        $latest = $this->log->latest();
        if ($since === null || $latest === null || $sessions < Pain::STAYS_FROM_SESSIONS || $since->daysUntil($latest->date) < Pain::STAYS_FROM_DAYS) {
            return [];
        }

        return [Reason::because(
            Rule::PainStays,
            "Pain each time it was asked on this ladder since {$since->inWords()}: it does not settle. To step down, to train its demand another way, or to have a licensed clinician look at it is for the trainer to weigh.",
            ['since' => $since->iso(), 'sessions running' => $sessions],
            'A session at pain 0.',
        )];
    }

    /** @return list<Reason> a climb test, where the mark was reached with ease: a strong person is not led up one rung a week */
    private function offer(Gate $gate): array
    {
        $latest = $this->log->latest();
        $effort = $latest?->effort();
        if ($latest === null || $effort === null || $effort > self::EASY_EFFORT || $gate->markPercent < 100 || ! $latest->isClean()) {
            return [];
        }

        return [Reason::because(Rule::ClimbTestOffer, "The leaving mark was reached clean at effort {$effort} of 10: a climb test can be taken at once.", ['effort' => "{$effort} of 10"], 'An effort of 5 or more: then the gate waits for its sessions and days.')];
    }

    /** A smaller range of the same rung comes before a lower rung, but not after pain, nor after a wrong place that it did not mend. */
    private function down(Gate $gate, Reason $reason): Proposal
    {
        $sessions = $this->log->onRung();
        $latest = $sessions[count($sessions) - 1] ?? null;
        $narrower = in_array($reason->rule, [Rule::PainMiddle, Rule::StepDownFelt], true) || $latest === null || $latest->rung->slug !== $this->working->slug ? null : DoseStep::narrower($this->working, $latest->dose);
        if ($narrower !== null) {
            return new Proposal(Decision::StepDown, $this->working, [$reason->adding("A smaller range first: {$narrower->dose->range?->inWords()}.")], $gate, $narrower->dose->range);
        }
        $lower = $this->lower();
        $reasons = [$reason];
        if ($lower === null) {
            $reasons[] = Reason::because(Rule::NoLowerRung, "There is no lower open rung here: reduce the range, then give assistance. {$this->easierInWords()}");
        }

        return new Proposal(Decision::StepDown, $lower, $reasons, $gate);
    }

    /** The next open rung down; null where there is none. */
    private function lower(): ?Rung
    {
        return $this->circumstances->nextOpen($this->ladder, $this->working, up: false);
    }

    private function easierInWords(): string
    {
        return $this->circumstances->easierInWords($this->ladder, $this->working, $this->ladder->find($this->working->coaching()->fallbackRung ?? ''));
    }

    private function stopReason(RungSession $session): Reason
    {
        $pain = $session->pain() ?? 0;
        if (Pain::stops($pain)) {
            return Reason::because(Rule::PainHigh, "Pain {$pain} of 10, above 5: stop this ladder.", ['pain' => "{$pain} of 10", 'date' => $session->date->iso()], 'Only the trainer reopens a stopped ladder, with a reason.');
        }
        if ($session->morning?->isBad() === true) {
            return Reason::because(Rule::PainMorning, "Worse the next morning (pain {$session->morning->pain} of 10): stop this ladder.", ['next-morning pain' => "{$session->morning->pain} of 10", 'date' => $session->date->iso()], 'Only the trainer reopens a stopped ladder, with a reason.');
        }

        return Reason::because(Rule::PainHigh, 'Pain that travels: stop this ladder.', ['date' => $session->date->iso()], 'Only the trainer reopens a stopped ladder, with a reason.');
    }
}
