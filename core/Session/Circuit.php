<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/**
 * Stations in turn, round after round. The rest is stored for each gap between stations and may be 0;
 * after a round's last station comes the round rest; nothing after the very last one.
 * A station with fewer sets than the others leaves the circuit early: round r runs those with sets ≥ r, extra sets of one side counted.
 */
final readonly class Circuit implements Block
{
    /** Seconds of a gap or a round rest, at most. */
    public const MOST_REST = 600;

    /**
     * @param non-empty-list<Item> $stations
     * @param list<int>            $gapSeconds one fewer than the stations
     *
     * @throws InvalidSession
     */
    public function __construct(public array $stations, public array $gapSeconds, public int $roundRestSeconds, private Part $part = Part::Main)
    {
        if (count($stations) < 2) {
            throw InvalidSession::because('A circuit needs at least two stations.');
        }
        if (count($gapSeconds) !== count($stations) - 1) {
            throw InvalidSession::because('A circuit has one gap between each two neighbouring stations.');
        }
        foreach ([...$gapSeconds, $roundRestSeconds] as $rest) {
            if ($rest < 0 || $rest > self::MOST_REST) {
                throw InvalidSession::because('A rest in a circuit can be from 0 to '.self::MOST_REST." seconds, not {$rest}.");
            }
        }
    }

    /**
     * The same rest in every gap.
     *
     * @param non-empty-list<Item> $stations
     *
     * @throws InvalidSession
     */
    public static function evenly(array $stations, int $gapSeconds, int $roundRestSeconds, Part $part = Part::Main): self
    {
        return new self($stations, array_fill(0, max(0, count($stations) - 1), $gapSeconds), $roundRestSeconds, $part);
    }

    /**
     * The gaps where stations are left out: between two that follow each other then, the longest of those that were between them,
     * since a superset is only of those it was written for.
     *
     * @param list<int> $gaps of all the stations
     * @param list<int> $kept places of those that stay, in order
     *
     * @return list<int>
     */
    public static function gapsOf(array $gaps, array $kept): array
    {
        $left = [];
        foreach (array_slice($kept, 1) as $at => $next) {
            $left[] = max(0, ...array_slice($gaps, $kept[$at], $next - $kept[$at]));
        }

        return $left;
    }

    public function items(): array
    {
        return $this->stations;
    }

    public function part(): Part
    {
        return $this->part;
    }

    public function lastDone(): Item
    {
        $staying = array_values(array_filter($this->stations, fn(Item $item): bool => $item->dose->allSets() === $this->rounds()));

        return $staying[count($staying) - 1] ?? $this->stations[0];
    }

    public function withItems(array $items): self
    {
        return new self($items, $this->gapSeconds, $this->roundRestSeconds, $this->part);
    }

    public function rounds(): int
    {
        return max(array_map(static fn(Item $item): int => $item->dose->allSets(), $this->stations));
    }
}
