<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Calendar\Day;

/** What was planned in a week against what was done. */
final class Adherence
{
    /**
     * Each planned session with the day on which it was done: the same session, the nearest day; each log counts once.
     *
     * @param array<string, array{string, Day}> $planned session and day, by id of the slot, in order of time
     * @param list<array{string, Day}>          $done    session and day of each log of the week
     *
     * @return array<string, Day> the day it was done, by id of the slot; those not done are left out
     */
    public static function match(array $planned, array $done): array
    {
        $pairs = [];
        $at = 0;
        foreach ($planned as $slot => [$session, $day]) {
            foreach ($done as $log => [$other, $on]) {
                if ($other === $session) {
                    $pairs[] = [abs($day->daysUntil($on)), $at, $log, (string) $slot, $on];
                }
            }
            $at++;
        }
        usort($pairs, static fn(array $a, array $b): int => [$a[0], $a[1], $a[2]] <=> [$b[0], $b[1], $b[2]]);
        $kept = $used = [];
        foreach ($pairs as [, , $log, $slot, $on]) {
            if (! isset($kept[$slot]) && ! isset($used[$log])) {
                $kept[$slot] = $on;
                $used[$log] = true;
            }
        }

        return $kept;
    }
}
