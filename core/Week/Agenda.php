<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Calendar\Day;

/** A plan as entries of a calendar: sessions of every week with their exceptions, and those of single weeks. */
final class Agenda
{
    /** What comes next is looked for so many days ahead: this week and the next. */
    private const DAYS_AHEAD = 14;

    /**
     * @param list<AgendaSlot> $slots
     * @param list<string>     $away  dates without training
     *
     * @return list<AgendaEntry>
     */
    public static function of(array $slots, array $away, PartTimes $times): array
    {
        $entries = [];
        foreach ($slots as $slot) {
            $entry = $slot->only === null ? self::weekly($slot, $away, $times) : self::once($slot, $slot->only, $away, $times);
            if ($entry !== null) {
                $entries[] = $entry;
            }
        }

        return $entries;
    }

    /**
     * The slot that happens next, from a day on, and when.
     *
     * @param list<AgendaSlot> $slots
     * @param list<string>     $away
     * @param list<string>     $done ids of the slots that were done on that day
     *
     * @return array{string, Day}|null
     */
    public static function next(array $slots, array $away, Day $today, array $done): ?array
    {
        $next = null;
        foreach (self::of($slots, $away, new PartTimes) as $entry) {
            foreach ($entry->happenings($today, $today->plusDays(self::DAYS_AHEAD - 1)) as [$day, $minute]) {
                $at = [$day->iso(), $minute, $entry->id];
                if ((! $day->equals($today) || ! in_array($entry->id, $done, true)) && ($next === null || $at < $next)) {
                    $next = $at;
                }
            }
        }

        return $next === null ? null : [$next[2], Day::parse($next[0])];
    }

    /** @param list<string> $away */
    private static function once(AgendaSlot $slot, Day $monday, array $away, PartTimes $times): ?AgendaEntry
    {
        $cell = array_key_exists($monday->iso(), $slot->moves) ? $slot->moves[$monday->iso()] : $slot->cell;
        $day = $cell === null ? null : $monday->plusDays($cell->day - 1);

        return $cell === null || $day === null || in_array($day->iso(), $away, true)
            ? null
            : new AgendaEntry($slot->id, $slot->title, $slot->lines, $day, $cell->minute ?? $times->minute($cell->part), $slot->minutes, false);
    }

    /** @param list<string> $away */
    private static function weekly(AgendaSlot $slot, array $away, PartTimes $times): AgendaEntry
    {
        $first = $slot->since->monday()->plusDays($slot->cell->day - 1);
        $first = $first->isBefore($slot->since) ? $first->plusDays(7) : $first;
        $without = $moved = [];
        foreach ($slot->moves as $iso => $cell) {
            $monday = Day::parse($iso);
            $usually = $monday->plusDays($slot->cell->day - 1);
            if ($usually->isBefore($first)) {
                continue;
            }
            $on = $cell === null ? null : $monday->plusDays($cell->day - 1);
            if ($cell === null || $on === null || in_array($on->iso(), $away, true)) {
                $without[$usually->iso()] = $usually;
            } else {
                $moved[$usually->iso()] = new AgendaMove($usually, $on, $cell->minute ?? $times->minute($cell->part));
            }
        }
        foreach ($away as $iso) {
            $day = Day::parse($iso);
            if ($day->weekday() === $slot->cell->day && ! $day->isBefore($first) && ! isset($moved[$iso])) {
                $without[$iso] = $day;
            }
        }
        ksort($without);
        ksort($moved);

        return new AgendaEntry($slot->id, $slot->title, $slot->lines, $first, $slot->cell->minute ?? $times->minute($slot->cell->part), $slot->minutes, true, array_values($without), array_values($moved));
    }
}
