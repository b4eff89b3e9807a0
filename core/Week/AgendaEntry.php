<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Calendar\Day;

/** An entry of a calendar: once, or every week with exceptions. Times are local. */
final readonly class AgendaEntry
{
    /**
     * @param string           $id          stays the same however often the plan changes
     * @param list<string>     $lines
     * @param int              $startMinute after midnight
     * @param list<Day>        $without     days on which a weekly entry does not happen
     * @param list<AgendaMove> $moved
     */
    public function __construct(
        public string $id,
        public string $title,
        public array $lines,
        public Day $first,
        public int $startMinute,
        public int $minutes,
        public bool $weekly,
        public array $without = [],
        public array $moved = [],
    ) {}

    /**
     * When it happens, in order of time.
     *
     * @return list<array{Day, int}> day and minute after midnight
     */
    public function happenings(Day $from, Day $until): array
    {
        $happenings = [];
        $inside = static fn(Day $day): bool => ! $day->isBefore($from) && ! $until->isBefore($day);
        for ($day = $this->first; ! $until->plusDays(7)->isBefore($day); $day = $day->plusDays(7)) {
            $move = null;
            foreach ($this->moved as $one) {
                $move = $one->usually->equals($day) ? $one : $move;
            }
            if ($move !== null) {
                $happenings[] = [$move->on, $move->startMinute];
            } elseif (array_filter($this->without, static fn(Day $out): bool => $out->equals($day)) === []) {
                $happenings[] = [$day, $this->startMinute];
            }
            if (! $this->weekly) {
                break;
            }
        }
        $happenings = array_values(array_filter($happenings, static fn(array $one): bool => $inside($one[0])));
        usort($happenings, static fn(array $a, array $b): int => [$a[0]->iso(), $a[1]] <=> [$b[0]->iso(), $b[1]]);

        return $happenings;
    }
}
