<?php

declare(strict_types=1);

namespace EvenRungs\Program;

/** Which of the weeks that are told belong to one program, and their numbers in it. */
final class WeekNumbers
{
    /**
     * @param list<WrittenWeek>           $weeks   by Monday, those behind among them
     * @param \Closure(WrittenWeek): bool $trained whether anything was done in a week
     *
     * @return list<int> as the weeks; 0 for what an earlier program left, and for a week behind that was missed
     */
    public static function of(array $weeks, WrittenRequest $wish, \Closure $trained): array
    {
        $numbers = [];
        $next = $wish->done + 1;
        foreach (array_reverse($weeks) as $week) {
            if (! $week->monday->isBefore($wish->start)) {
                $numbers[] = $week->ofProgram;

                continue;
            }
            $wasTrained = $trained($week);
            // Numbers only fall on the way back; where one does not, an earlier program ended.
            $isOfIt = $wasTrained && $week->ofProgram < $next;
            $numbers[] = $isOfIt ? $week->ofProgram : 0;
            if ($wasTrained && $week->kind !== WeekKind::Away) {
                $next = $isOfIt ? $week->ofProgram : 0;
            }
        }

        return array_reverse($numbers);
    }
}
