<?php

declare(strict_types=1);

namespace Tests\Reference;

use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

/** What stands in a calendar file, event by event. */
final class CalendarEvents
{
    /** @return list<VEvent> as written; between two instants every occurrence, when they are given */
    public static function in(string $ics, ?\DateTimeImmutable $from = null, ?\DateTimeImmutable $until = null): array
    {
        $calendar = Reader::read($ics);
        assert($calendar instanceof VCalendar);
        if ($from !== null && $until !== null) {
            $calendar = $calendar->expand($from, $until);
        }
        $events = [];
        foreach ($calendar->select('VEVENT') as $event) {
            assert($event instanceof VEvent);
            $events[] = $event;
        }

        return $events;
    }

    public static function text(VEvent $event, string $property): string
    {
        foreach ($event->select($property) as $found) {
            $value = $found instanceof Property ? $found->getValue() : null;

            return is_scalar($value) ? (string) $value : '';
        }

        return '';
    }
}
