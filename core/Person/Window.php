<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Calendar\Day;
use EvenRungs\Progress\Gate;

/**
 * How far back the rules look, so that years of records are never read whole (our own choice): the newest sessions of
 * each ladder, the newest that a stop rests on, and the newest of all; what was done in brief for the weeks that load
 * is compared over. Whoever reads the rows may bring more: what lies outside is left out here.
 */
final class Window
{
    /** So many sessions of each ladder, and so many in which pain stopped something. */
    public const SESSIONS = Gate::LOOKS_BACK;

    /** Days behind today for which what was done is known in brief: the weeks of the load report. */
    public const BRIEF_DAYS = 56;

    /**
     * @param list<LoggedSession> $logs
     *
     * @return list<LoggedSession> those the rules look at, by date
     */
    public static function of(array $logs): array
    {
        usort($logs, static fn(LoggedSession $a, LoggedSession $b): int => [$a->on->iso(), $a->sequence] <=> [$b->on->iso(), $b->sequence]);
        $inside = $seen = [];
        $stops = 0;
        foreach (array_reverse($logs, true) as $at => $log) {
            $isInside = $inside === [] || ($log->stopsSomething() && $stops++ < self::SESSIONS);
            foreach ($log->ladders() as $ladder) {
                $seen[$ladder] = ($seen[$ladder] ?? 0) + 1;
                $isInside = $isInside || $seen[$ladder] <= self::SESSIONS;
            }
            if ($isInside) {
                $inside[$at] = $log;
            }
        }

        return array_values(array_reverse($inside));
    }

    /** The first day from which what was done is known in brief. */
    public static function briefSince(Day $today): Day
    {
        return $today->plusDays(-self::BRIEF_DAYS);
    }
}
