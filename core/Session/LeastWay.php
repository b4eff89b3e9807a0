<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** The order that costs least where groups follow each other and what is in a group may stand in any order. */
final class LeastWay
{
    /** So many of a group are tried in every order; of more each is followed by the nearest next one. */
    private const EXACTLY = 9;

    /**
     * Of two ways that cost the same it is the one nearer to the order given.
     *
     * @template T of object
     *
     * @param list<non-empty-list<T>> $groups
     * @param T|null                  $before what is done before all of them
     * @param \Closure(T, T): int     $cost   from one to the next
     *
     * @return list<T>
     */
    public static function through(array $groups, ?object $before, \Closure $cost): array
    {
        $all = array_merge(...$groups);
        $known = [];
        $between = static function (?int $from, int $to) use ($all, $before, $cost, &$known): int {
            $one = $from === null ? $before : $all[$from];

            return $one === null ? 0 : $known[$from ?? -1][$to] ??= $cost($one, $all[$to]);
        };
        $ways = [[0, []]];
        $next = 0;
        foreach ($groups as $group) {
            $ids = range($next, $next + count($group) - 1);
            $next += count($group);
            $ways = count($group) > self::EXACTLY ? [self::nearest($ids, self::best($ways), $between)] : self::exactly($ids, $ways, $between);
        }

        return array_map(static fn(int $id): object => $all[$id], self::best($ways)[1]);
    }

    /**
     * The cheapest way on through a group to each of its ends, by the set of those already done and the last of them.
     *
     * @param non-empty-list<int>                $ids
     * @param list<array{int, list<int>}>        $ways    that lead to the group, with what they cost
     * @param \Closure(int|null, int): int       $between
     *
     * @return list<array{int, list<int>}>
     */
    private static function exactly(array $ids, array $ways, \Closure $between): array
    {
        $best = [];
        foreach ($ids as $at => $id) {
            foreach ($ways as [$cost, $way]) {
                $best[1 << $at][$at] = self::cheaper($best[1 << $at][$at] ?? null, [$cost + $between($way[count($way) - 1] ?? null, $id), [...$way, $id]]);
            }
        }
        $full = (1 << count($ids)) - 1;
        for ($done = 1; $done < $full; $done++) {
            foreach ($best[$done] ?? [] as $last => [$cost, $way]) {
                foreach ($ids as $at => $id) {
                    if (($done & (1 << $at)) === 0) {
                        $then = $done | (1 << $at);
                        $best[$then][$at] = self::cheaper($best[$then][$at] ?? null, [$cost + $between($ids[$last], $id), [...$way, $id]]);
                    }
                }
            }
            unset($best[$done]);
        }

        return array_values($best[$full]);
    }

    /**
     * @param non-empty-list<int>          $ids
     * @param array{int, list<int>}        $way that leads to them, with what it costs
     * @param \Closure(int|null, int): int $between
     *
     * @return array{int, list<int>}
     */
    private static function nearest(array $ids, array $way, \Closure $between): array
    {
        [$cost, $ids, $way] = [$way[0], array_combine($ids, $ids), $way[1]];
        while ($ids !== []) {
            $last = $way[count($way) - 1] ?? null;
            $costs = array_map(static fn(int $id): int => $between($last, $id), $ids);
            $id = (int) array_search(min($costs), $costs, true);
            [$cost, $way] = [$cost + $costs[$id], [...$way, $id]];
            unset($ids[$id]);
        }

        return [$cost, $way];
    }

    /**
     * @param list<array{int, list<int>}> $ways
     *
     * @return array{int, list<int>}
     */
    private static function best(array $ways): array
    {
        return array_reduce($ways, self::cheaper(...)) ?? [0, []];
    }

    /**
     * @param array{int, list<int>}|null $known
     * @param array{int, list<int>}      $other
     *
     * @return array{int, list<int>}
     */
    private static function cheaper(?array $known, array $other): array
    {
        return $known === null || $other < $known ? $other : $known;
    }
}
