<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseTable;
use EvenRungs\Dose\StationClock;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\Rung;

/** Circuits by the clock: nobody works longer at a station than their clock of its exercise has it, as that of its level. */
final class ClockCircuit
{
    /** A circuit whose clock leaves a station less than this, in seconds, has too many of them. */
    private const LEAST_STATION = 30;

    /**
     * @param list<Item>                    $items at least two
     * @param \Closure(Rung): StationClock $of    an exercise
     */
    public static function by(\Closure $of, array $items): Circuit
    {
        $clocks = self::clocks($items, $of);
        $rests = array_map(static fn(StationClock $clock): int => $clock->rest, $clocks);

        return new Circuit(self::stations($items, array_map(static fn(StationClock $clock): Dose => $clock->dose(), $clocks)), array_slice($rests, 0, -1), max(0, ...$rests));
    }

    /**
     * A circuit of exactly so many seconds, in as many rounds as leave the rest of its level; one round may leave less of it,
     * but what it takes to change.
     *
     * @param list<Item>                    $items at least two
     * @param \Closure(Rung): StationClock $of    an exercise
     *
     * @return Circuit|null null where its stations would be too short
     */
    public static function lasting(int $seconds, \Closure $of, array $items): ?Circuit
    {
        $between = count($items) - 1;
        $change = max(0, ...array_map(static fn(Item $one, Item $next): int => ChangeOver::between($one, $next)->seconds, array_slice($items, 0, -1), array_slice($items, 1)));
        $most = intdiv($seconds - $between * $change, count($items));
        if ($most < self::LEAST_STATION) {
            return null;
        }
        $clocks = self::clocks($items, $of);
        $works = array_map(static fn(StationClock $clock): int => min($most, $clock->work), $clocks);
        $rest = max($change, ...array_map(static fn(StationClock $clock): int => $clock->rest, $clocks));
        $gap = static fn(int $rounds): int => intdiv($seconds - $rounds * array_sum($works), $rounds * count($items) - 1);
        $rounds = DoseTable::MOST_SETS;
        while ($rounds > 1 && $gap($rounds) < $rest) {
            $rounds--;
        }
        $gaps = array_fill(0, $between, $gap($rounds));
        $left = $seconds - $rounds * (array_sum($works) + $between * $gap($rounds));
        // What is over is the rest between the rounds; what cannot be shared out evenly goes to the first gap.
        while ($left > 0 && ($rounds === 1 || $left % ($rounds - 1) !== 0)) {
            $gaps[0]++;
            $left -= $rounds;
        }

        return new Circuit(self::stations($items, array_map(static fn(int $work): Dose => Dose::of($rounds, Timed::of($work)), $works)), $gaps, $rounds === 1 ? 0 : intdiv($left, $rounds - 1));
    }

    /** "20 to 30 s, 2 rounds, and 30 s to change" */
    public static function inWords(Circuit $circuit): string
    {
        $works = array_map(static fn(Item $item): int => $item->dose->first()->target(), $circuit->stations);
        $rounds = $circuit->rounds() === 1 ? '' : ", {$circuit->rounds()} rounds";

        return self::fromTo($works)." s{$rounds}, and ".self::fromTo($circuit->gapSeconds).' s to change';
    }

    /** @param list<int> $numbers */
    private static function fromTo(array $numbers): string
    {
        sort($numbers);

        return implode(' to ', array_unique([...array_slice($numbers, 0, 1), ...array_slice($numbers, -1)]));
    }

    /**
     * @param list<Item>                    $items
     * @param \Closure(Rung): StationClock $of
     *
     * @return list<StationClock>
     */
    private static function clocks(array $items, \Closure $of): array
    {
        return array_map(static fn(Item $item): StationClock => $of($item->rung), $items);
    }

    /**
     * @param list<Item> $items
     * @param list<Dose> $doses of each
     *
     * @return non-empty-list<Item>
     */
    private static function stations(array $items, array $doses): array
    {
        /** @var non-empty-list<Item> $stations */
        $stations = array_map(static fn(Item $item, Dose $dose): Item => new Item($item->id, $item->rung, $dose, $item->firstSide), $items, $doses);

        return $stations;
    }
}
