<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Limit;
use EvenRungs\Ladder\Circumstances;

/** The exchange of two stations of a circuit that leaves the fewest neighbours who load the same joint. */
final class SetApart
{
    /**
     * @param list<Limit> $limits of the person
     *
     * @return list<string>|null ids of the stations in their new order; null when no exchange helps
     */
    public static function order(Circuit $circuit, array $limits): ?array
    {
        // The joints of a station as the bits of a number: two compete where they share one.
        $loads = array_map(static fn(Item $item): int => self::joints($item, $limits), $circuit->stations);
        $fewest = self::clashes($loads);
        $best = null;
        for ($one = 0; $one < count($loads); $one++) {
            for ($other = $one + 1; $other < count($loads); $other++) {
                $order = array_map(static fn(int $place): int => $place === $one ? $other : ($place === $other ? $one : $place), array_keys($loads));
                $count = self::clashes(array_map(static fn(int $place): int => $loads[$place], $order));
                if ($count < $fewest) {
                    [$best, $fewest] = [$order, $count];
                }
            }
        }

        return $best === null ? null : array_map(static fn(int $place): string => $circuit->stations[$place]->id, $best);
    }

    /**
     * The same, but nobody who should change position as little as possible is sent to and fro for a joint.
     *
     * @return list<string>|null
     */
    public static function under(Circuit $circuit, Circumstances $circumstances): ?array
    {
        $order = self::order($circuit, $circumstances->limits);
        if ($order === null || $circumstances->forFewPositions() === []) {
            return $order;
        }
        $session = new Session([$circuit]);
        $apart = Edit::order($order)->appliedTo($session);

        return $apart !== null && Ordering::moves($apart) > Ordering::moves($session) ? null : $order;
    }

    /**
     * The stations in an order in which no exchange of two leaves fewer that load the same joint running.
     *
     * @param list<Item> $stations
     *
     * @return list<Item>
     */
    public static function all(array $stations, Circumstances $circumstances): array
    {
        while (count($stations) > 1 && ($order = self::under(Circuit::evenly($stations, 0, 0), $circumstances)) !== null) {
            $by = array_column(array_map(static fn(Item $item): array => [$item->id, $item], $stations), 1, 0);
            $stations = array_map(static fn(string $id): Item => $by[$id], $order);
        }

        return $stations;
    }

    /** @param list<Limit> $limits */
    private static function joints(Item $item, array $limits): int
    {
        $joints = 0;
        foreach (FatigueSite::cases() as $bit => $joint) {
            $joints |= $joint->isLoadedBy($item->rung, $limits) ? 1 << $bit : 0;
        }

        return $joints;
    }

    /** @param list<int> $loads the joints of each station */
    private static function clashes(array $loads): int
    {
        $count = 0;
        for ($at = 1; $at < count($loads); $at++) {
            $count += ($loads[$at - 1] & $loads[$at]) === 0 ? 0 : 1;
        }

        return $count;
    }
}
