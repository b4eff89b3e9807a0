<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Balance\Position;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\Range;
use EvenRungs\Ladder\Library;

/** Where a person stands on the ladders, read from their placings: now, on a day, or after a move. */
final class Standings
{
    /** @var list<Position>|null */
    private ?array $all = null;

    /** @var array<string, list<Position>> by ladder */
    private array $on = [];

    /** @var array<string, array<string, Placing>>|null by ladder and side */
    private ?array $placed = null;

    /** @var array<string, array<string, non-empty-list<Placing>>>|null by ladder and side, the newest first */
    private ?array $moves = null;

    /** @param list<Placing> $placings in order of time */
    public function __construct(private readonly Library $library, private readonly array $placings) {}

    /** @return list<Position> in the order of the library; a stopped ladder among them */
    public function all(): array
    {
        return $this->all ??= $this->positionsFrom(static fn(): bool => true);
    }

    /** @return list<Position> at the end of a day */
    public function onDay(Day $day): array
    {
        return $this->positionsFrom(static fn(Placing $placing): bool => $placing->on !== null && ! $day->isBefore($placing->on));
    }

    /** @return list<Position> after the move recorded at a moment */
    public function after(int $sequence): array
    {
        return $this->positionsFrom(static fn(Placing $placing): bool => $placing->sequence <= $sequence);
    }

    /** @return list<Position> none, one, or left and right */
    public function on(string $ladder): array
    {
        // Only what stands on this ladder is read: a preview asks for the few ladders of its session.
        return $this->on[$ladder] ??= $this->standing($this->placed()[$ladder] ?? []);
    }

    /** @return list<string> slugs of the ladders the person stands on, stopped ones among them */
    public function ladders(): array
    {
        return array_values(array_filter($this->library->slugs(), fn(string $ladder): bool => isset($this->placed()[$ladder])));
    }

    /**
     * @param \Closure(Placing): bool $counts
     *
     * @return list<Position>
     */
    private function positionsFrom(\Closure $counts): array
    {
        $newest = $this->newest($counts);
        $positions = [];
        foreach ($this->library->slugs() as $ladder) {
            array_push($positions, ...$this->standing($newest[$ladder] ?? []));
        }

        return $positions;
    }

    /** @return array<string, array<string, Placing>> the placings that hold now, by ladder and side */
    private function placed(): array
    {
        return $this->placed ??= $this->newest(static fn(): bool => true);
    }

    /**
     * @param \Closure(Placing): bool $counts
     *
     * @return array<string, array<string, Placing>> by ladder and side
     */
    private function newest(\Closure $counts): array
    {
        $newest = [];
        foreach ($this->moves() as $ladder => $sides) {
            foreach ($sides as $side => $moves) {
                foreach ($moves as $placing) {
                    if ($counts($placing)) {
                        $newest[$ladder][$side] = $placing;
                        break;
                    }
                }
            }
        }

        return $newest;
    }

    /** @return array<string, array<string, non-empty-list<Placing>>> by ladder and side, the newest first: where somebody stood after each of many moves is asked at once */
    private function moves(): array
    {
        if ($this->moves === null) {
            $this->moves = [];
            foreach (array_reverse($this->placings) as $placing) {
                foreach ($placing->side === Side::Both ? [Side::Left, Side::Right] : [$placing->side] as $side) {
                    $this->moves[$placing->ladder][$side->value][] = $placing;
                }
            }
        }

        return $this->moves;
    }

    /**
     * @param array<string, Placing> $newest on one ladder, by side
     *
     * @return list<Position> none, one, or left and right
     */
    private function standing(array $newest): array
    {
        $left = $newest[Side::Left->value] ?? null;
        $right = $newest[Side::Right->value] ?? null;
        if ($left !== null && $left === $right) {
            return [$this->position($left, Side::Both)];
        }

        return array_values(array_filter([
            $left === null ? null : $this->position($left, Side::Left),
            $right === null ? null : $this->position($right, Side::Right),
        ]));
    }

    private function position(Placing $placing, Side $side): Position
    {
        $rung = $this->library->rung($placing->rung);
        $written = $placing->range === null ? null : Range::parse($placing->range);
        $range = $rung->range === null ? null : $written ?? $rung->range->formerly[$placing->rung] ?? $rung->range->smallest();

        return new Position($rung->at($range), $side, $placing->stopped, $this->stoodSince($placing, $side), $placing->on, $placing->id, $placing->reason, $range, $placing->sequence, $placing->guessed);
    }

    /** Since when the person stands on this rung: another range of it is no other rung. */
    private function stoodSince(Placing $placing, Side $side): int
    {
        $rung = $this->library->rung($placing->rung);
        $since = $placing->sequence;
        foreach ($rung->range === null ? [] : array_reverse($this->placings) as $other) {
            if ($other->sequence > $placing->sequence || $other->ladder !== $placing->ladder || ! $other->side->meets($side)) {
                continue;
            }
            if ($other->stopped || ! $this->library->has($other->rung) || $this->library->rung($other->rung)->slug !== $rung->slug) {
                break;
            }
            $since = $other->sequence;
        }

        return $since;
    }
}
