<?php

declare(strict_types=1);

namespace EvenRungs\Program;

/**
 * Exercises that come again: what is trained once or twice in some weeks leads nowhere. An exercise that has fewer sessions
 * in building weeks than there are weeks gives its minutes to the others, as long as they come nearly as near to the shares.
 */
final class Recurring
{
    /** So much farther from the shares the weeks together may be for it (our own choice). */
    private const FARTHER_PER_MILLE = 10;

    /** And so much less of its minutes a week may fill. */
    private const EMPTIER_PER_CENT = 5;

    /**
     * @param list<SetProblem> $problems one a week, as each was asked
     * @param list<SetPlan>    $plans
     * @param Carried          $before   from weeks before these
     * @param list<int>        $stay     places of the weeks that stay as they are
     *
     * @return list<SetPlan>
     */
    public static function plans(array $problems, array $plans, Carried $before, array $stay = []): array
    {
        $room = intdiv(2 * self::FARTHER_PER_MILLE * array_sum(array_map(static fn(SetProblem $problem): int => $problem->whole, $problems)), 1000);
        foreach (self::seldom($problems, $plans) as $ladder => $weeks) {
            $without = array_intersect($weeks, $stay) === [] ? self::without($ladder, $weeks, $problems, $plans, $before, $room) : null;
            if ($without !== null) {
                [$plans, $room] = $without;
            }
        }

        return $plans;
    }

    /**
     * @param non-empty-list<int> $weeks    in which the ladder has sets
     * @param list<SetProblem>    $problems
     * @param list<SetPlan>       $plans
     * @param int                 $room     half seconds that the weeks may be farther from the shares
     *
     * @return array{list<SetPlan>, int}|null the weeks without the ladder, and the room that is left; null where it is missed
     */
    private static function without(string $ladder, array $weeks, array $problems, array $plans, Carried $before, int $room): ?array
    {
        $often = array_diff_key(self::sessions($problems, $plans), self::seldom($problems, $plans));
        foreach ($weeks as $at) {
            $others = $before;
            foreach ($plans as $other => $plan) {
                $others = $other === $at ? $others : $others->after($problems[$other], $plan);
            }
            $open = array_filter(
                $problems[$at]->offers,
                static fn(Candidate $offer, int $index): bool => $offer->ladder() !== $ladder && (isset($often[$offer->ladder()]) || $plans[$at]->has($index)),
                ARRAY_FILTER_USE_BOTH,
            );
            [$plan, $farther] = SetSearch::among($problems[$at]->carrying($others), $plans[$at], array_keys($open));
            $room -= max(0, $farther);
            if ($room < 0 || $problems[$at]->filledPerCent($plan) < $problems[$at]->filledPerCent($plans[$at]) - self::EMPTIER_PER_CENT) {
                return null;
            }
            $plans = array_values(array_replace($plans, [$at => $plan]));
        }

        return [$plans, $room];
    }

    /**
     * @param list<SetProblem> $problems
     * @param list<SetPlan>    $plans
     *
     * @return array<string, non-empty-list<int>> weeks of what has fewer sessions than there are weeks, by ladder; the fewest first
     */
    private static function seldom(array $problems, array $plans): array
    {
        $seldom = array_filter(self::sessions($problems, $plans), static fn(array $weeks): bool => count($weeks) < count($plans));
        uasort($seldom, static fn(array $a, array $b): int => count($a) <=> count($b));

        return array_map(static fn(array $weeks): array => array_values(array_unique($weeks)), $seldom);
    }

    /**
     * @param list<SetProblem> $problems
     * @param list<SetPlan>    $plans
     *
     * @return array<string, non-empty-list<int>> the week of each session, by ladder
     */
    private static function sessions(array $problems, array $plans): array
    {
        $sessions = [];
        foreach ($plans as $at => $plan) {
            foreach (array_keys($plan->sets) as $session) {
                foreach (array_keys($plan->session($session)) as $offer) {
                    $sessions[$problems[$at]->offers[$offer]->ladder()][] = $at;
                }
            }
        }

        return $sessions;
    }
}
