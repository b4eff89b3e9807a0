<?php

declare(strict_types=1);

namespace EvenRungs\Week;

/** Names of the days of a week, 1 Monday to 7 Sunday. */
final class Weekday
{
    private const NAMES = [1 => 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

    public static function name(int $day): string
    {
        return self::NAMES[$day] ?? '';
    }

    /** @param list<int> $days */
    public static function names(array $days): string
    {
        return implode(', ', array_map(self::name(...), $days));
    }

    /** Days from one to the other in a week that repeats, the shorter way round: 0 to 3. */
    public static function apart(int $a, int $b): int
    {
        $ahead = (($b - $a) % 7 + 7) % 7;

        return min($ahead, 7 - $ahead);
    }
}
