<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Calendar\Day;
use EvenRungs\Load\LoadAhead;
use EvenRungs\Load\SessionLoad;
use EvenRungs\Program\WeekKind;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\Plan;
use EvenRungs\Week\PlannedSlot;

/** Load of every session that is planned ahead, as it is placed in the weeks, or in the program where it is not written into them yet; and what that is compared with. */
final class PlannedLoads
{
    /**
     * @param \Closure(Day): WeekAtHand $week of a day
     *
     * @return list<SessionLoad> effort × minutes as planned
     */
    public static function ahead(ProgramAtHand $hand, \Closure $week): array
    {
        $loads = [];
        $last = $hand->today()->plusDays(7 * LoadAhead::WEEKS);
        for ($monday = $hand->today()->monday(); ! $last->isBefore($monday); $monday = $monday->plusDays(7)) {
            $planned = $hand->week($monday);
            $at = $week($monday);
            // Where the program has a week, the usual sessions step back.
            $usual = $planned === null || $planned->kind === WeekKind::Away ? [] : array_map(static fn(PlannedSlot $slot): string => $slot->id, $hand->plan->own());
            $slots = array_filter($at->week()->slots, static fn(CoreSlot $slot): bool => ! in_array($slot->id, $usual, true));
            foreach ($slots as $slot) {
                $loads[] = SessionLoad::of($at->date($slot->cell->day), [$slot->effort], $slot->content->seconds);
            }
            array_push($loads, ...($planned === null ? [] : self::unwritten($hand, $planned, $monday, $at)));
        }

        return array_values(array_filter($loads, static fn(SessionLoad $load): bool => $hand->today()->isBefore($load->day)));
    }

    /**
     * What was done, as it is compared with what is planned: a session that felt easier than planned counts as it was planned,
     * else the same week again would look like a steep rise.
     *
     * @return list<SessionLoad>
     */
    public static function behind(PersonRecord $record, Plan $plan): array
    {
        $efforts = [];
        foreach ($plan->slots as $slot) {
            $efforts[$slot->session] = max($slot->effort, $efforts[$slot->session] ?? 0);
        }

        return array_map(static fn(DoneSession $done): SessionLoad => $done->load->atLeast($efforts[$done->session] ?? 0), $record->doneLately());
    }

    /** @return list<SessionLoad> */
    private static function unwritten(ProgramAtHand $hand, WrittenWeek $week, Day $monday, WeekAtHand $at): array
    {
        $loads = [];
        foreach (array_keys($week->sessions) as $id) {
            $place = $week->places[$id] ?? null;
            if ($place !== null && ! $hand->plan->has(ProgramAtHand::slotId($monday, $id)) && ! $at->isAway($place->cell->day)) {
                $loads[] = SessionLoad::of($at->date($place->cell->day), [$place->effort], $hand->session($week, $id)?->timeline()->totals()->total() ?? 0);
            }
        }

        return $loads;
    }
}
