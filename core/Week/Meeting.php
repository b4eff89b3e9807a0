<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Body\Limit;
use EvenRungs\Calendar\Day;
use EvenRungs\Method\Method;

/** When people train together, in every week. It stands in the week of each under a name that tells of whom and when it is. */
final readonly class Meeting
{
    private const NAME = '/^squad-([0-9a-z]{26})-(\d{1,2})$/D';

    /** @param int $effort planned, 0 to 10 */
    public function __construct(public Cell $cell, public int $effort) {}

    /** Its name in everybody's week. */
    public function slotId(string $squad): string
    {
        return "squad-{$squad}-{$this->cell->index()}";
    }

    /** Whose meeting is placed under a name; null for what is a person's own. */
    public static function squadOf(string $slot): ?string
    {
        return preg_match(self::NAME, $slot, $found) === 1 ? $found[1] : null;
    }

    /** Whether a session stands where the others come, too: one that was moved for somebody is their own. */
    public static function isAt(string $slot, Cell $cell): bool
    {
        return preg_match(self::NAME, $slot, $found) === 1 && (int) $found[2] === $cell->index();
    }

    /**
     * Those of a day that are still to come, where so many of it were told: the first is told first.
     *
     * @param list<self> $meetings of a squad
     *
     * @return list<self> in order of time
     */
    public static function toCome(array $meetings, Day $today, int $told): array
    {
        $ofToday = array_values(array_filter($meetings, static fn(self $one): bool => $one->cell->day === $today->weekday()));
        usort($ofToday, static fn(self $a, self $b): int => $a->cell->index() <=> $b->cell->index());

        return array_slice($ofToday, $told);
    }

    /** As it stands in somebody's week: no harder than their limits allow, and after what they train then. */
    public function in(CoreWeek $week, string $squad, SlotContent $content, Method $method): CoreSlot
    {
        return new CoreSlot($this->slotId($squad), $this->cell, WeekPlacing::role($week, $this->cell, $method), $this->effort($week->limits), $content);
    }

    public function planned(CoreWeek $week, string $squad, string $session, Method $method, Day $since): PlannedSlot
    {
        return new PlannedSlot($this->slotId($squad), $session, $this->cell, WeekPlacing::role($week, $this->cell, $method), $this->effort($week->limits), null, $since);
    }

    /** @param list<Limit> $limits */
    private function effort(array $limits): int
    {
        return WeekPlacing::effort($limits, $this->effort);
    }
}
