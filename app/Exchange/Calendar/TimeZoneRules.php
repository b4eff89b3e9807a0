<?php

declare(strict_types=1);

namespace App\Exchange\Calendar;

use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VTimeZone;

/** The offsets of a time zone from a day on, each change of the clocks named by its date. */
final readonly class TimeZoneRules
{
    /** Changes of the clocks are written out so far ahead. */
    private const YEARS = 6;

    public static function of(VCalendar $calendar, \DateTimeZone $zone, \DateTimeImmutable $from): VTimeZone
    {
        $rules = $calendar->createComponent('VTIMEZONE', ['TZID' => $zone->getName()], false);
        assert($rules instanceof VTimeZone);
        $begin = $from->modify('-1 year')->getTimestamp();
        $changes = $zone->getTransitions($begin, $from->modify('+'.self::YEARS.' years')->getTimestamp()) ?: [];
        $before = null;
        foreach ($changes as $change) {
            // The clock shows the offset before when it changes.
            $offset = $before['offset'] ?? $change['offset'];
            $rules->add($calendar->createComponent($change['isdst'] ? 'DAYLIGHT' : 'STANDARD', [
                'DTSTART' => gmdate('Ymd\THis', $change['ts'] + $offset),
                'TZOFFSETFROM' => self::offset($offset),
                'TZOFFSETTO' => self::offset($change['offset']),
                'TZNAME' => $change['abbr'],
            ], false));
            $before = $change;
        }

        return $rules;
    }

    private static function offset(int $seconds): string
    {
        return sprintf('%s%02d%02d', $seconds < 0 ? '-' : '+', intdiv(abs($seconds), 3600), intdiv(abs($seconds) % 3600, 60));
    }
}
