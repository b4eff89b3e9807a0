<?php

declare(strict_types=1);

namespace App\Records;

use App\Actions\WriteProgramWeek;
use EvenRungs\Calendar\Day;
use EvenRungs\Load\LoadAhead;
use EvenRungs\Load\SessionLoad;
use EvenRungs\Program\WeekKind;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Week\CoreSlot;

/** Load of every session that is planned ahead: what is placed in the weeks, and the program where it is not written into them yet. */
final class PlannedLoads
{
    /** @return list<SessionLoad> effort × minutes as planned */
    public static function ahead(ProgramAtHand $hand): array
    {
        $loads = [];
        $program = [];
        foreach (ProgramAtHand::weeksOf($hand->present()) as $week) {
            $program[$week->monday->iso()] = $week;
        }
        $last = $hand->today()->plusDays(7 * LoadAhead::WEEKS);
        for ($monday = $hand->today()->monday(); ! $last->isBefore($monday); $monday = $monday->plusDays(7)) {
            $week = $program[$monday->iso()] ?? null;
            $at = WeekAtHand::of($hand->dossier, $monday);
            // Where the program has a week, the usual sessions step back.
            $usual = $week === null || $week->kind === WeekKind::Away ? [] : array_column(array_filter($hand->plan()->slots ?? [], static fn(array $slot): bool => $slot['only'] === null), 'id');
            $slots = array_filter($at->week()->slots, static fn(CoreSlot $slot): bool => ! in_array($slot->id, $usual, true));
            foreach ($slots as $slot) {
                $loads[] = SessionLoad::of($at->date($slot->cell->day), [$slot->effort], $slot->content->seconds);
            }
            array_push($loads, ...($week === null ? [] : self::unwritten($hand, $week, $monday, $at)));
        }

        return array_values(array_filter($loads, static fn(SessionLoad $load): bool => $hand->today()->isBefore($load->day)));
    }

    /** @return list<SessionLoad> */
    private static function unwritten(ProgramAtHand $hand, WrittenWeek $week, Day $monday, WeekAtHand $at): array
    {
        $written = array_column($hand->plan()->slots ?? [], 'id');
        $loads = [];
        foreach (array_keys($week->sessions) as $id) {
            $place = $week->places[$id] ?? null;
            if ($place !== null && ! in_array(WriteProgramWeek::slotId($monday, $id), $written, true) && ! $at->isAway($place->cell->day)) {
                $loads[] = SessionLoad::of($at->date($place->cell->day), [$place->effort], $hand->session($week, $id)?->timeline()->totals()->total() ?? 0);
            }
        }

        return $loads;
    }
}
