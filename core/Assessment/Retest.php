<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Calendar\Day;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** When to test again: four to six weeks after the last test (common practice). */
final readonly class Retest
{
    private const FROM_DAYS = 28;

    private const OVERDUE_DAYS = 42;

    private function __construct(public bool $overdue, public Reason $reason) {}

    /** Null when nothing was tested yet, or not long enough ago. */
    public static function due(Day $today, ?Day $lastTest): ?self
    {
        $days = $lastTest?->daysUntil($today) ?? 0;
        if ($lastTest === null || $days < self::FROM_DAYS) {
            return null;
        }

        return new self($days > self::OVERDUE_DAYS, Reason::because(
            Rule::Retest,
            'Last tested '.intdiv($days, 7).' weeks ago: a re-test is '.($days > self::OVERDUE_DAYS ? 'overdue.' : 'due.'),
            ['last test' => $lastTest->inWords(), 'days since' => $days, 'tested every' => '4 to 6 weeks'],
            'A timed hold or a climb test today.',
        ));
    }

    /** The next day on which it comes due, is overdue, or is said with another number of weeks; null where nothing was tested. */
    public static function saysOtherwiseOn(Day $today, ?Day $lastTest): ?Day
    {
        $days = max(0, $lastTest?->daysUntil($today) ?? 0);
        $next = 7 * (intdiv($days, 7) + 1);

        return $lastTest?->plusDays(match (true) {
            $days < self::FROM_DAYS => self::FROM_DAYS,
            $days <= self::OVERDUE_DAYS => min($next, self::OVERDUE_DAYS + 1),
            default => $next,
        });
    }
}
