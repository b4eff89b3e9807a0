<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Method\Method;

/**
 * Sessions that were planned lighter (an easier week, a primer, a session fitted to its minutes) say nothing of the run
 * they stand in, unless they bring a fault, a wrong place or pain. After a clean session the rules never ask for less,
 * so less than that was planned by somebody; after days away, or after too much effort, it is a new beginning instead.
 */
final class Neutral
{
    /**
     * @param list<RungSession> $sessions on one rung and those it pools with, by date
     *
     * @param (\Closure(RungSession): bool)|null $counts whatever was done before
     *
     * @return list<RungSession> those that count
     */
    public static function leftOut(array $sessions, Method $method, int $highestEffort, ?\Closure $counts = null): array
    {
        $counting = [];
        foreach ($sessions as $session) {
            $before = $counting[count($counting) - 1] ?? null;
            if ($before === null || ($counts !== null && $counts($session)) || ! self::isNeutral($session, $before, $method, $highestEffort)) {
                $counting[] = $session;
            }
        }

        return $counting;
    }

    private static function isNeutral(RungSession $session, RungSession $before, Method $method, int $highestEffort): bool
    {
        return $session->rung->slug === $before->rung->slug
            && $session->dose->unit() === $before->dose->unit()
            && ($session->dose->range?->is($before->dose->range) ?? $before->dose->range === null)
            && ($session->dose->loadGrams ?? 0) <= ($before->dose->loadGrams ?? 0)
            && ($session->dose->pull->newtons ?? 0) <= ($before->dose->pull->newtons ?? 0)
            && DoseStep::total($session->rung, $session->dose, $method) < DoseStep::total($before->rung, $before->dose, $method)
            // More in each set is a step, in fewer of them too: the sets of a program go up and down from day to day.
            && $session->dose->first()->target() <= $before->dose->first()->target()
            // After a time away less is a return, not an easier day.
            && $before->date->daysUntil($session->date) < TimeAway::FROM_DAYS
            && $before->isClean() && ($before->effort() ?? 0) <= $highestEffort
            && $session->setsWithFault() === [] && ! $session->feltWrong() && ($session->pain() ?? 0) === 0;
    }
}
