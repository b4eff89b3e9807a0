<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Balance\Position;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\Gate;
use EvenRungs\Progress\LadderLog;
use EvenRungs\Progress\Pain;
use EvenRungs\Progress\ProgressionRule;
use EvenRungs\Progress\Proposal;
use EvenRungs\Progress\RungSession;

/** What the rules make of what a person logged: proposals, the gates to the next rungs, and the decisions that wait. */
final class Judgement
{
    /** Days for which what hurt waits to be seen where something was trained since, or nobody has placed the person: as long as pain counts that stopped a ladder. */
    private const SEEN_WITHIN_DAYS = 28;

    /** @var list<PendingDecision>|null */
    private ?array $pending = null;

    public function __construct(private readonly PersonRecord $record) {}

    public function gate(Position $here): Gate
    {
        return $this->proposal($here)->gate;
    }

    /** What the rules make of everything logged since the person stands here. */
    public function proposal(Position $here): Proposal
    {
        return $this->propose($here->rung, $this->judgedSide($here->rung, $here->side), $here->sequence);
    }

    /**
     * Decisions that wait: the newest log of each ladder the person stands on, where it has not been decided,
     * and decided ones that a bad next morning has reopened. What hurt waits also where nobody has placed them; what stops
     * the ladder also where something was trained since, or decided before anybody told of it.
     *
     * @return list<PendingDecision>
     */
    public function pending(): array
    {
        return $this->pending ??= $this->waiting();
    }

    /** @return list<PendingDecision> */
    private function waiting(): array
    {
        $pending = [];
        foreach ([...$this->record->positions(), ...$this->hurtUnplaced()] as $here) {
            $log = $here->stopped ? null : $this->newestLogOn($here->rung->ladder);
            if ($log !== null) {
                $unseen = $this->unseenStop($here);
                $pending[] = ($unseen === null ? null : $this->waitingOn($unseen, $here, isUnseen: true)) ?? $this->waitingOn($log, $here);
            }
        }

        return array_values(array_filter($pending));
    }

    /** What waits of a log for where somebody stands; null where it was decided, or says nothing of the rung. */
    private function waitingOn(LoggedSession $log, Position $here, bool $isUnseen = false): ?PendingDecision
    {
        $decided = $this->decidedOn($log, $here);
        $isBefore = $log->sequence < $here->sequence;
        $reopened = $decided !== null && ($isUnseen || self::worsenedAfter($decided, $log));
        if ($decided === null ? $isBefore && ! $isUnseen : ! $reopened) {
            return null;
        }
        $rung = $decided === null ? $here->rung : $this->record->library->rung($decided->rung);
        $side = $this->judgedSide($rung, $here->side);
        $session = self::judged($rung, $log->exercises($this->record->library, $side));
        $since = $decided === null && ! $isBefore ? $here->sequence : $log->sequence;

        return $session === null ? null : new PendingDecision($log, $this->record->library->ladder($rung->ladder), $rung, $side, $session, $this->propose($rung, $side, $since, $isUnseen ? $log->sequence : null), match (true) {
            $decided !== null && self::worsenedAfter($decided, $log) => 'reopened by the next morning',
            $isUnseen && $this->seen($here) > $log->sequence => 'told only after the last decision or placing',
            default => null,
        });
    }

    /** The newest log that stops the ladder and was told after the last decision on it, and since the person stands here; null where there is none. */
    private function unseenStop(Position $here): ?LoggedSession
    {
        $ladder = $here->rung->ladder;
        $seen = $this->seen($here);
        foreach (array_reverse($this->record->history->logs()) as $log) {
            if (! $log->stopsSomething() || $log->on->daysUntil($this->record->today) > self::SEEN_WITHIN_DAYS || ! in_array($ladder, $log->ladders(), true)) {
                continue;
            }
            $stops = array_filter($log->exercises($this->record->library, $here->side), static fn(RungSession $one): bool => $one->rung->ladder === $ladder && $one->isStopEvent());
            if ($stops !== [] && $log->toldAt($ladder, $here->side) > $seen) {
                return $log;
            }
        }

        return null;
    }

    /** When somebody was placed here, or anything of the ladder was decided, last, in order of time. */
    private function seen(Position $here): int
    {
        $decided = array_filter($this->record->history->decisions, static fn(Decided $decided): bool => $decided->ladder === $here->rung->ladder && $decided->side->meets($here->side));

        return max([$here->sequence, ...array_map(static fn(Decided $decided): int => $decided->sequence, array_values($decided))]);
    }

    /** @return list<Position> the rungs that hurt the last time, of ladders the person stands nowhere on */
    private function hurtUnplaced(): array
    {
        $hurt = [];
        $lately = array_filter($this->record->history->logs(), fn(LoggedSession $log): bool => $log->on->daysUntil($this->record->today) <= self::SEEN_WITHIN_DAYS);
        foreach (array_reverse($lately) as $log) {
            foreach (array_diff($log->ladders(), array_keys($hurt)) as $ladder) {
                $done = $this->record->on($ladder) === [] ? $log->exercises($this->record->library, Side::Both) : [];
                $worst = self::worst(array_filter($done, static fn(RungSession $one): bool => $one->rung->ladder === $ladder && ($one->isStopEvent() || Pain::acts($one->pain() ?? 0))));
                $hurt[$ladder] = $worst === null ? null : new Position($worst->rung, Side::Both, sequence: $log->sequence);
            }
        }

        return array_values(array_filter($hurt));
    }

    /** @return list<Day> from which on something that waits does not wait any more, though nobody does anything */
    public function letsGoOn(): array
    {
        $forSoLong = array_filter($this->pending(), fn(PendingDecision $pending): bool => $pending->news !== null || $this->record->on($pending->ladder->slug) === [] || $pending->log !== $this->newestLogOn($pending->ladder->slug));

        return array_values(array_map(static fn(PendingDecision $pending): Day => $pending->log->on->plusDays(self::SEEN_WITHIN_DAYS + 1), $forSoLong));
    }

    /** The side a standing is judged by: where a limit rests one side of what both stand on, the other. */
    private function judgedSide(Rung $rung, Side $side): Side
    {
        return $side !== Side::Both ? $side : $this->record->circumstances()->rule($rung)->onlySide() ?? Side::Both;
    }

    /** @param int|null $upTo order in time of the last log that counts; all where null */
    private function propose(Rung $rung, Side $side, int $since, ?int $upTo = null): Proposal
    {
        $log = $this->record->rungSessions($side);
        $log = $upTo === null ? $log : array_values(array_filter($log, static fn(RungSession $session): bool => $session->sequence <= $upTo));
        $proposal = ProgressionRule::propose($this->record->library->ladder($rung->ladder), $rung, $since, $log, $this->record->method, $this->record->circumstances(), $this->record->today);
        $behind = $proposal->choice === Decision::Climb ? $this->sideBehind($rung, $side) : null;

        return $behind === null ? $proposal : $proposal->waitingFor($behind->rung, $behind->side);
    }

    /** The other side where it stands lower already and can be trained: the stronger one stays at most one rung above it. */
    private function sideBehind(Rung $rung, Side $side): ?Position
    {
        foreach ($side === Side::Both ? [] : $this->record->on($rung->ladder) as $other) {
            if (! $other->side->meets($side) && ! $other->stopped && $other->rung->height->above($rung->height) < 0 && $this->record->circumstances()->rule($other->rung)->openOn($other->side)) {
                return $other;
            }
        }

        return null;
    }

    /**
     * The session that a decision on a rung looks at: of several exercises of its ladder the one that hurt, else its own
     * rung, else one that says something about it; null where none does.
     *
     * @param list<RungSession> $exercises
     */
    private static function judged(Rung $rung, array $exercises): ?RungSession
    {
        return self::worst(array_filter($exercises, static fn(RungSession $one): bool => $one->rung->ladder === $rung->ladder && LadderLog::concerns($rung, $one)), $rung);
    }

    /**
     * What stopped something, else what hurt most, else the rung itself.
     *
     * @param array<int, RungSession> $exercises
     */
    private static function worst(array $exercises, ?Rung $rung = null): ?RungSession
    {
        $how = static fn(RungSession $one): array => [(int) $one->isStopEvent(), Pain::acts($one->pain() ?? 0) ? $one->pain() : 0, (int) ($one->rung->slug === $rung?->slug)];
        usort($exercises, static fn(RungSession $a, RungSession $b): int => $how($b) <=> $how($a));

        return $exercises[0] ?? null;
    }

    private function newestLogOn(string $ladder): ?LoggedSession
    {
        foreach (array_reverse($this->record->history->logs()) as $log) {
            if (in_array($ladder, $log->ladders(), true)) {
                return $log;
            }
        }

        return null;
    }

    /** What was decided on the newest log of the ladder somebody stands on. */
    public function lastDecision(Position $here): ?Decided
    {
        $log = $this->newestLogOn($here->rung->ladder);

        return $log === null ? null : $this->decidedOn($log, $here);
    }

    private function decidedOn(LoggedSession $log, Position $here): ?Decided
    {
        foreach (array_reverse($this->record->history->decisions) as $decided) {
            if ($decided->log === $log->id && $decided->ladder === $here->rung->ladder && $decided->side->meets($here->side)) {
                return $decided;
            }
        }

        return null;
    }

    private static function worsenedAfter(Decided $decided, LoggedSession $log): bool
    {
        return array_filter($log->mornings, static fn(MorningAnswer $answer): bool => $answer->ladder === $decided->ladder && $answer->sequence > $decided->sequence && $answer->morning->isBad()) !== [];
    }
}
