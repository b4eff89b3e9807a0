<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;

/** What was done on a ladder, as it counts for the rung a person stands on: of each date the worst, since the placing. */
final readonly class LadderLog
{
    /** Two stop events within this many days: stop and refer. */
    private const REFER_WITHIN_DAYS = 28;

    /** Rungs of one ladder and one dose kind pool their history within this many tenths of height. */
    private const POOL_TENTHS = 3;

    /** @var list<RungSession> on any ladder, by date */
    private array $log;

    /**
     * @param int               $since order in time of the placing: what was logged before it counts for pain only
     * @param list<RungSession> $log   everything logged for the person on any ladder, in any order
     */
    public function __construct(private Ladder $ladder, private Rung $working, private int $since, array $log)
    {
        usort($log, static fn(RungSession $a, RungSession $b): int => [$a->date->iso(), $a->sequence] <=> [$b->date->iso(), $b->sequence]);
        $this->log = $log;
    }

    /** Whether a session on some rung says anything about the working one: the same or a pooled rung, one that was done in its place, or pain that acts on the ladder. */
    public static function concerns(Rung $working, RungSession $session): bool
    {
        return self::pools($working, $session->rung) || self::takesOver($working, $session) || $session->isStopEvent() || Pain::acts($session->pain() ?? 0);
    }

    public function latest(): ?RungSession
    {
        $sessions = $this->onLadder();

        return $sessions[count($sessions) - 1] ?? null;
    }

    /** @return list<RungSession> since the placing, of each date the worst, by date */
    public function onLadder(): array
    {
        return $this->byDate(fn(RungSession $session): bool => $session->sequence >= $this->since);
    }

    /**
     * Sessions that count for the working rung, by date: one for each date, the worse of two.
     *
     * @return list<RungSession>
     */
    public function onRung(): array
    {
        return $this->byDate(fn(RungSession $session): bool => $session->sequence >= $this->since && self::pools($this->working, $session->rung) && ! self::takesOver($this->working, $session));
    }

    /** Whether there may be more on the ladder than the rules look at. */
    public function isCut(): bool
    {
        return count(array_filter($this->log, fn(RungSession $session): bool => $session->rung->ladder === $this->ladder->slug && $session->sequence >= $this->since)) >= Gate::LOOKS_BACK;
    }

    /** The newest session in which an easier version took every set of the working rung; null where there is none. */
    public function doneInstead(): ?RungSession
    {
        $sessions = $this->byDate(fn(RungSession $session): bool => $session->sequence >= $this->since && self::takesOver($this->working, $session));

        return $sessions[count($sessions) - 1] ?? null;
    }

    /** The last session of the next rung, where the person came down from it for its form, its target or its effort not long ago; null otherwise. */
    public function cameDownFrom(Circumstances $circumstances, Day $today): ?RungSession
    {
        $above = $this->byDate(fn(RungSession $session): bool => $session->sequence < $this->since && $session->date->daysUntil($today) <= Gate::REMEMBERS_DAYS && $session->rung->height->above($this->working->height) > 0);
        $next = $above === [] ? null : $circumstances->nextOpen($this->ladder, $this->working, up: true);
        $there = array_values(array_filter($above, static fn(RungSession $session): bool => $session->rung->slug === $next?->slug));
        $last = $there[count($there) - 1] ?? null;

        return $last !== null && ($last->setsWithFault() !== [] || $last->missedTarget() || $last->feltWrong() || ($last->effort() ?? 0) > $circumstances->highestEffort()) ? $last : null;
    }

    /**
     * Pain of 3 or more on this ladder, on any rung, not yet followed by sessions on two dates at 0 to 2. What was not told is
     * neither of them, and no pain.
     */
    public function painHoldsBack(): bool
    {
        return array_filter(array_slice($this->pains(), -2), Pain::acts(...)) !== [];
    }

    /** @return array{Day, int}|null since when each session on this ladder, on any rung, told of pain, and how many they are; null where the last one did not */
    public function painRunsOn(): ?array
    {
        $run = null;
        foreach (array_reverse($this->pains()) as $iso => $pain) {
            $date = Day::parse($iso);
            if ($pain === 0 || $run !== null && $date->daysUntil($run[0]) > Gate::RUN_ENDS_AFTER_DAYS) {
                break;
            }
            $run = [$date, ($run[1] ?? 0) + 1];
        }

        return $run;
    }

    /** @return array<string, int> the worst that was told on this ladder, on any rung, by date, in order */
    private function pains(): array
    {
        $worst = [];
        foreach ($this->log as $session) {
            if ($session->rung->ladder === $this->ladder->slug && $session->pain() !== null) {
                $date = $session->date->iso();
                $worst[$date] = max($worst[$date] ?? 0, $session->pain());
            }
        }

        return $worst;
    }

    /**
     * Dates on which pain stopped any ladder, up to 28 days before the given one.
     *
     * @return list<string>
     */
    public function stopDates(Day $latest): array
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

    /**
     * What was done on the ladder, of each date the worst: other exercises or an easier version of the same day hide no pain.
     *
     * @param \Closure(RungSession): bool $counts
     *
     * @return list<RungSession> by date
     */
    private function byDate(\Closure $counts): array
    {
        $byDate = [];
        foreach ($this->log as $session) {
            if ($session->rung->ladder === $this->ladder->slug && $counts($session)) {
                $other = $byDate[$session->date->iso()] ?? null;
                $byDate[$session->date->iso()] = $other === null ? $session : self::worse($other, $session);
            }
        }

        return array_values($byDate);
    }

    private static function worse(RungSession $one, RungSession $other): RungSession
    {
        $how = static fn(RungSession $session): array => [(int) $session->isStopEvent(), $session->pain() ?? 0, count($session->setsWithFault()), (int) $session->feltWrong(), (int) ! $session->isClean()];

        return $how($one) > $how($other) ? $one : $other;
    }

    /** Whether an easier version was done in place of a rung. */
    public static function takesOver(Rung $working, RungSession $session): bool
    {
        return $session->insteadOf === $working->slug && $session->rung->height->above($working->height) < 0;
    }

    private static function pools(Rung $working, Rung $rung): bool
    {
        return $rung->slug === $working->slug
            || ($rung->doseKind === $working->doseKind && abs($rung->height->above($working->height)) <= self::POOL_TENTHS);
    }
}
