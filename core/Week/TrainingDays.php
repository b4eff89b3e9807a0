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
}
