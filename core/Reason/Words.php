<?php

declare(strict_types=1);

namespace EvenRungs\Reason;

/** What several sentences say alike. */
final class Words
{
    /**
     * “a”, “a and b”, “a, b and c”.
     *
     * @param array<string|int> $names
     */
    public static function all(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names)." and {$last}";
    }

    /** “1 set”, “2 sets”. */
    public static function counted(int $count, string $one): string
    {
        return "{$count} {$one}".($count === 1 ? '' : 's');
    }

    /**
     * “set 2”, “sets 1 and 2”.
     *
     * @param non-empty-array<int> $numbers
     */
    public static function sets(array $numbers): string
    {
        return (count($numbers) === 1 ? 'set ' : 'sets ').self::all($numbers);
    }
}
