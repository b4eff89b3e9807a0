<?php

declare(strict_types=1);

namespace EvenRungs\Week;

/** Another day of the same week for a session that is not done on its own. */
final class AnotherDay
{
    /**
     * The nearest later time at which nothing new clashes, days on which the person trains first; null where there is
     * none: then it is left out of this week.
     *
     * @param list<int> $days 1 to 7, that are still to come and not away
     */
    public static function for(CoreWeek $week, CoreSlot $slot, array $days): ?WeekRepair
    {
        $there = array_map(static fn(Clash $clash): string => $clash->key(), Clashes::in($week));
        $best = null;
        foreach (Cell::week() as $cell) {
            $moved = in_array($cell->day, $days, true) && $week->isFree($cell) ? $week->moved($slot, $cell) : null;
            if ($moved === null || self::hasNew($there, Clashes::in($week->replacing($moved)))) {
                continue;
            }
            $rank = [in_array($cell->day, $week->days, true) ? 0 : 1, $cell->day, abs($cell->part->place() - $slot->cell->part->place())];
            if ($best === null || $rank < $best[0]) {
                $best = [$rank, new WeekRepair("Move “{$slot->content->title}” to {$moved->cell->inWords()}".($moved->placement === SessionRole::Finisher ? ', after the training' : ''), [WeekEdit::to($moved)])];
            }
        }

        return $best[1] ?? null;
    }

    /**
     * @param list<string> $there
     * @param list<Clash>  $after
     */
    private static function hasNew(array $there, array $after): bool
    {
        return array_diff(array_map(static fn(Clash $clash): string => $clash->key(), $after), $there) !== [];
    }
}
