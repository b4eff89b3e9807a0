<?php

declare(strict_types=1);

namespace App\Exchange\Calendar;

use EvenRungs\Calendar\Day;
use EvenRungs\Week\AgendaEntry;
use EvenRungs\Week\AgendaMove;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/**
 * A plan as a calendar file (RFC 5545): local times with their time zone, weekly repeats with exceptions, an alarm,
 * and ids that stay, so that reading it in again updates what is there.
 */
final readonly class CalendarFile
{
    public const MEDIA = 'text/calendar; charset=utf-8';

    /**
     * @param list<AgendaEntry> $entries
     * @param string            $owner    what makes the ids of one plan differ from those of another
     * @param int               $sequence rises with every change of the plan
     * @param int|null          $alarm    minutes before the start; null for none
     */
    public static function of(string $name, array $entries, string $owner, \DateTimeZone $zone, \DateTimeImmutable $now, int $sequence, ?int $alarm): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Even Rungs//Plan//EN', 'METHOD' => 'PUBLISH', 'X-WR-CALNAME' => $name, 'X-WR-TIMEZONE' => $zone->getName()]);
        $first = $now;
        foreach ($entries as $entry) {
            $start = self::at($entry->first, $entry->startMinute, $zone);
            $first = $start < $first ? $start : $first;
            $event = self::event($calendar, $entry, $owner, $start, $now, $sequence, $alarm);
            if ($entry->weekly) {
                $event->add('RRULE', 'FREQ=WEEKLY');
                if ($entry->without !== []) {
                    $event->add('EXDATE', array_map(static fn(Day $day): \DateTimeImmutable => self::at($day, $entry->startMinute, $zone), $entry->without));
                }
                foreach ($entry->moved as $move) {
                    self::moved($calendar, $entry, $move, $owner, $zone, $now, $sequence, $alarm);
                }
            }
        }
        $calendar->add(TimeZoneRules::of($calendar, $zone, $first));

        return $calendar->serialize();
    }

    private static function moved(VCalendar $calendar, AgendaEntry $entry, AgendaMove $move, string $owner, \DateTimeZone $zone, \DateTimeImmutable $now, int $sequence, ?int $alarm): void
    {
        self::event($calendar, $entry, $owner, self::at($move->on, $move->startMinute, $zone), $now, $sequence, $alarm)
            ->add('RECURRENCE-ID', self::at($move->usually, $entry->startMinute, $zone));
    }

    private static function event(VCalendar $calendar, AgendaEntry $entry, string $owner, \DateTimeImmutable $start, \DateTimeImmutable $now, int $sequence, ?int $alarm): VEvent
    {
        $event = $calendar->add('VEVENT', [
            'UID' => "{$entry->id}-{$owner}@even-rungs",
            'DTSTAMP' => $now->setTimezone(new \DateTimeZone('UTC')),
            'SEQUENCE' => $sequence,
            'SUMMARY' => $entry->title,
            'DESCRIPTION' => implode("\n", $entry->lines),
            'DTSTART' => $start,
            'DTEND' => $start->modify("+{$entry->minutes} minutes"),
        ]);
        assert($event instanceof VEvent);
        if ($alarm !== null) {
            $event->add('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $entry->title, 'TRIGGER' => "-PT{$alarm}M"]);
        }

        return $event;
    }

    private static function at(Day $day, int $minute, \DateTimeZone $zone): \DateTimeImmutable
    {
        return new \DateTimeImmutable(sprintf('%s %02d:%02d:00', $day->iso(), intdiv($minute, 60), $minute % 60), $zone);
    }
}
