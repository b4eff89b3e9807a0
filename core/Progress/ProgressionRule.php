<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Body\Demand;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * Proposes climb, stay, step down, stop this ladder, or stop and refer, from what was logged.
 * When several apply: refer before stop, before step down, before stay, before climb.
 */
final readonly class ProgressionRule
{
    /** Two stop events within this many days: stop and refer. */
    private const REFER_WITHIN_DAYS = 28;

    /** Rungs of one ladder and one dose kind pool their history within this many tenths of height. */
    private const POOL_TENTHS = 3;

    /** @param list<RungSession> $log everything logged for the person, by date */
    private function __construct(
        private Ladder $ladder,
        private Rung $working,
        private int $since,
        private array $log,
        private Circumstances $circumstances,
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
        usort($log, static fn(RungSession $a, RungSession $b): int => [$a->date->iso(), $a->sequence] <=> [$b->date->iso(), $b->sequence]);
        $judge = new self($ladder, $working, $since, $log, $circumstances);
        $gate = Gate::of($judge->onRung(), $method, $today, $painBaseline, $circumstances->highestEffort());

        return $judge->afterPain($gate) ?? $judge->stepDown($gate) ?? $judge->climb($gate) ?? $judge->stay($gate);
    }

    /** Whether a session on some rung says anything about the working one: the same or a pooled rung, or pain that acts on the ladder. */
    public static function concerns(Rung $working, RungSession $session): bool
    {
        return self::pools($working, $session->rung) || $session->isStopEvent() || Pain::acts($session->pain() ?? 0);
    }

    private function afterPain(Gate $gate): ?Proposal
    {
        $latest = $this->latestOnLadder();
        if ($latest === null) {
            return null;
        }
        if ($latest->isStopEvent()) {
            $dates = $this->recentStopDates($latest->date);
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
            return $this->down($gate, Reason::because(
                Rule::PainMiddle,
                "Pain {$pain} of 10: step down, and no climb until two sessions at 0 to 2.",
                ['pain' => "{$pain} of 10"],
                'Two sessions running with pain at 2 or less.',
            ));
        }

        return null;
    }

    private function stepDown(Gate $gate): ?Proposal
    {
        $sessions = $this->onRung();
        if ($sessions === []) {
            return null;
        }
        $latest = $sessions[count($sessions) - 1];
        $before = $sessions[count($sessions) - 2] ?? null;
        $faults = $latest->setsWithFault();

        if ($latest->dose->sets() === 1) {
            if ($faults !== [] && $before !== null && $before->setsWithFault() !== []) {
                return $this->down($gate, Reason::because(Rule::StepDownForm, 'A fault in the one set, at two sessions running.', ['sessions' => $before->date->iso().' and '.$latest->date->iso()], 'A session with every tick yes.'));
            }
        } elseif (count($faults) >= 2 || in_array(1, $faults, true)) {
            return $this->down($gate, Reason::because(
                Rule::StepDownForm,
                count($faults) >= 2 ? 'A fault in set '.implode(' and ', $faults).'.' : 'A fault in the first set already.',
                ['sets with a fault' => implode(', ', $faults)],
                'At most a fault in the last set.',
            ));
        }
        if ($latest->missedLowEnd() && $before !== null && $before->missedLowEnd()) {
            return $this->down($gate, Reason::because(Rule::StepDownLowEnd, 'The low end of the band was missed at two sessions running.', ['sessions' => $before->date->iso().' and '.$latest->date->iso()], 'One session at the low end or above.'));
        }
        if ($latest->feltWrong && ! $this->restsAndGoesOn()) {
            return $this->down($gate, Reason::because(Rule::StepDownFelt, 'Still felt in the wrong place after a cue and a lighter dose.', [], 'Feeling it where the rung asks for it.'));
        }

        return null;
    }

    /** A low back that is felt in front work: some schools rest and go on. Pain acts as ever. */
    private function restsAndGoesOn(): bool
    {
        return $this->working->demand === Demand::AntiExtension
            && $this->circumstances->method->says(Answer::RestAndGoOn);
    }

    private function climb(Gate $gate): ?Proposal
    {
        if (! $gate->isOpen() || $this->painHoldsBack()) {
            return null;
        }
        $next = $this->circumstances->nextOpen($this->ladder, $this->working, up: true);
        if ($next === null) {
            return new Proposal(Decision::Stay, null, [Reason::because(Rule::Stay, 'The gate is open, but no higher rung of this ladder is open to this person.', [], 'More kit, or a limit lifted.')], $gate);
        }

        return new Proposal(Decision::Climb, $next, [
            Reason::because(Rule::GateSessions, "The gate is open: on to “{$next->name}” ({$next->height->label()}).", ['clean sessions running' => $gate->cleanSessions, 'days on the rung' => $gate->daysOnRung]),
            ...array_map(static fn(Condition $condition): Reason => $condition->reason, $gate->conditions),
        ], $gate);
    }

    private function stay(Gate $gate): Proposal
    {
        $pain = $this->latestOnLadder()?->pain();
        if ($pain === 1 || $pain === 2) {
            return new Proposal(Decision::Stay, null, [Reason::because(Rule::PainLow, "Pain {$pain} of 10: keep the dose and ask next morning.", ['pain' => "{$pain} of 10"], 'A session at pain 0.')], $gate);
        }
        if ($this->onRung() === []) {
            return new Proposal(Decision::Stay, null, [Reason::because(Rule::Stay, 'Nothing was logged on this rung since the placing.', [], 'A logged session on this rung.')], $gate);
        }
        if ($gate->isOpen()) {
            return new Proposal(Decision::Stay, null, [Reason::because(Rule::PainMiddle, 'After pain of 3 to 5, no climb until two sessions at 0 to 2.', [], 'One more session with pain at 2 or less.')], $gate);
        }
        $open = array_values(array_filter($gate->conditions, static fn(Condition $condition): bool => $condition->met !== true));

        return new Proposal(Decision::Stay, null, array_map(static fn(Condition $condition): Reason => $condition->reason, $open), $gate);
    }

    private function down(Gate $gate, Reason $reason): Proposal
    {
        $lower = $this->circumstances->nextOpen($this->ladder, $this->working, up: false);
        $reasons = [$reason];
        if ($lower === null) {
            $reasons[] = Reason::because(Rule::StepDownForm, "There is no lower open rung here: reduce the range, then give assistance. {$this->working->coaching()->fallback}");
        }

        return new Proposal(Decision::StepDown, $lower, $reasons, $gate);
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

    /**
     * Sessions that count for the working rung, by date: one for each date, the last of it.
     *
     * @return list<RungSession>
     */
    private function onRung(): array
    {
        $byDate = [];
        foreach ($this->log as $session) {
            if ($session->rung->ladder === $this->ladder->slug && $session->sequence >= $this->since && self::pools($this->working, $session->rung)) {
                $byDate[$session->date->iso()] = $session;
            }
        }

        return array_values($byDate);
    }

    private static function pools(Rung $working, Rung $rung): bool
    {
        return $rung->slug === $working->slug
            || ($rung->doseKind === $working->doseKind && abs($rung->height->above($working->height)) <= self::POOL_TENTHS);
    }

    private function latestOnLadder(): ?RungSession
    {
        $latest = null;
        foreach ($this->log as $session) {
            if ($session->rung->ladder === $this->ladder->slug && $session->sequence >= $this->since) {
                $latest = $session;
            }
        }

        return $latest;
    }

    /** Pain of 3 or more on this ladder, on any rung, not yet followed by two sessions at 0 to 2. */
    private function painHoldsBack(): bool
    {
        $quiet = 2;
        foreach ($this->log as $session) {
            if ($session->rung->ladder === $this->ladder->slug) {
                $quiet = Pain::acts($session->pain() ?? Pain::ACTS_FROM) ? 0 : $quiet + 1;
            }
        }

        return $quiet < 2;
    }

    /**
     * Dates on which pain stopped any ladder, up to 28 days before the given one.
     *
     * @return list<string>
     */
    private function recentStopDates(Day $latest): array
    {
        $dates = [];
        foreach ($this->log as $session) {
            $ago = $session->date->daysUntil($latest);
            if ($session->isStopEvent() && $ago >= 0 && $ago <= self::REFER_WITHIN_DAYS) {
                $dates[$session->date->iso()] = true;
            }
        }

        return array_keys($dates);
    }
}
