<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Body\Limit;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** The days a person trains on against what the limits allow: so many, and no two that follow each other. */
final class TrainingDays
{
    /**
     * @param list<Limit> $limits
     * @param list<int>   $days   1 Monday to 7 Sunday
     *
     * @return list<Reason> none when the days are fine
     */
    public static function against(array $limits, array $days): array
    {
        sort($days);
        $reasons = [];
        foreach ($limits as $limit) {
            if ($limit->mostDays === null) {
                continue;
            }
            $inputs = ['days' => Weekday::names($days), 'limit' => $limit->name];
            if (count($days) > $limit->mostDays) {
                $reasons[] = Reason::because(Rule::DaysOfTraining, ucfirst($limit->name).': '.count($days)." training days; at most {$limit->mostDays}.", $inputs, 'Fewer days.');
            }
            foreach ($days as $day) {
                $next = $day % 7 + 1;
                if (in_array($next, $days, true)) {
                    $reasons[] = Reason::because(Rule::DaysOfTraining, ucfirst($limit->name).': '.Weekday::name($day).' and '.Weekday::name($next).' follow each other.', $inputs, 'A day of rest between.');
                    break;
                }
            }
        }

        return $reasons;
    }

    /**
     * As many of the days as the limits allow, the earliest first where several choices are as good.
     *
     * @param list<Limit> $limits
     * @param list<int>   $days
     * @param list<int>   $taken  days that are trained on in any case
     *
     * @return list<int> all of them where nothing is limited, or where the days taken are too many by themselves
     */
    public static function within(array $limits, array $days, array $taken = []): array
    {
        sort($days);
        if (self::against($limits, [...$days, ...array_diff($taken, $days)]) === [] || self::against($limits, $taken) !== []) {
            return $days;
        }
        $best = [];
        for ($choice = 1; $choice < 1 << count($days); $choice++) {
            $some = array_values(array_filter($days, static fn(int $at): bool => ($choice >> $at & 1) === 1, ARRAY_FILTER_USE_KEY));
            if ((count($some) > count($best) || (count($some) === count($best) && $some < $best)) && self::against($limits, [...$some, ...array_diff($taken, $some)]) === []) {
                $best = $some;
            }
        }

        return $best;
    }
}
