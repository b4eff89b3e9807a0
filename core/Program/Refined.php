<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Body\Demand;

/**
 * Building weeks taken as one sum: each is looked at once more beside all the others, since what was chosen first did not know
 * what comes after it. A week keeps the exercises it has: what rises from week to week stands on them. Weeks of many
 * exercises and sessions are fine enough for what was carried to even out by itself.
 */
final class Refined
{
    /** Exercises × sessions up to which a week is coarse (our own choice). */
    private const COARSE = 24;

    /**
     * @param list<SetProblem> $problems one a week, as each was asked
     * @param list<SetPlan>    $plans
     * @param Carried          $before   from weeks before these
     * @param list<int>        $stay     places of the weeks that stay as they are
     *
     * @return list<SetPlan> no farther from the shares as one sum
     */
    public static function plans(array $problems, array $plans, Carried $before, int $seed, array $stay = []): array
    {
        foreach (array_keys($problems) as $at) {
            if (in_array($at, $stay, true) || count($problems[$at]->offers) * count($problems[$at]->seconds) > self::COARSE) {
                continue;
            }
            $others = $before;
            foreach ($plans as $other => $plan) {
                $others = $other === $at ? $others : $others->after($problems[$other], $plan);
            }
            $again = SetSearch::solve($problems[$at]->carrying($others), $seed, $plans[$at], 1);
            $tried = [...array_slice($plans, 0, $at), $again, ...array_slice($plans, $at + 1)];
            if (self::exercises($again) === self::exercises($plans[$at]) && self::apart($problems, $tried, $before) < self::apart($problems, $plans, $before)) {
                $plans = $tried;
            }
        }

        return $plans;
    }

    /** @return list<int> offers that a week has sets of */
    private static function exercises(SetPlan $plan): array
    {
        $there = [];
        foreach (array_keys($plan->sets) as $session) {
            $there += $plan->session($session);
        }
        $offers = array_keys($there);
        sort($offers);

        return $offers;
    }

    /**
     * @param list<SetProblem> $problems
     * @param list<SetPlan>    $plans
     *
     * @return array{int, int} sessions short of their minimum, then half seconds from the shares
     */
    private static function apart(array $problems, array $plans, Carried $before): array
    {
        $sum = $before;
        $short = 0;
        foreach ($plans as $at => $plan) {
            $sum = $sum->after($problems[$at], $plan);
            $short += array_sum($plan->short);
        }
        $apart = 0;
        foreach (Demand::withShare() as $demand) {
            $apart += abs($sum->halfSeconds[$demand->value] ?? 0);
        }

        return [$short, $apart];
    }
}
