<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Side;
use EvenRungs\Dose\AccumulatedHold;
use EvenRungs\Dose\Carry;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\SetBody;
use EvenRungs\Dose\Timed;

/** Lays one set out in time: work, gaps and the side change. */
final readonly class SetClock
{
    /** Our own choice. */
    public const SIDE_CHANGE_SECONDS = 5;

    public const METRES_PER_SECOND = 1;

    /** Stations by the clock are asked for in steps of this. */
    private const STATION_STEP_SECONDS = 5;

    private const LANE_METRES = 10;

    private const SECONDS_PER_TURN = 2;

    private function __construct(private Item $item, private int $block, private int $set, private SetBody $body) {}

    /** @return list<Segment> */
    public static function segments(Item $item, int $block, int $set): array
    {
        $clock = new self($item, $block, $set, $item->dose->body($set));
        $alone = $item->dose->sideOf($set);
        if ($alone !== null) {
            return $clock->oneSide($alone);
        }
        if ($clock->body instanceof Timed) {
            return $clock->timed($clock->body);
        }
        if ($item->isAlternating()) {
            return $clock->alternating();
        }
        if (! $item->isOneSided()) {
            return $clock->oneSide(Side::Both);
        }

        return [
            ...$clock->oneSide($item->firstSide),
            $clock->segment(TimeKind::SideChange, self::SIDE_CHANGE_SECONDS, $item->firstSide->other()),
            ...$clock->oneSide($item->firstSide->other()),
        ];
    }

    /** Seconds of one set, with its gaps and the side change. */
    public static function seconds(Item $item): int
    {
        return array_sum(array_map(static fn(Segment $segment): int => $segment->seconds, self::segments($item, 0, 1)));
    }

    /** Seconds that each side has of a station by the clock. */
    public static function eachSide(int $station): int
    {
        return intdiv($station - self::SIDE_CHANGE_SECONDS, 2);
    }

    /** Seconds of the station of which one side alone has so much: the one it was, but for what no side had of it. */
    public static function stationOf(int $side): int
    {
        $seconds = 2 * $side + self::SIDE_CHANGE_SECONDS;

        return min(Timed::MOST, $seconds + (self::STATION_STEP_SECONDS - $seconds % self::STATION_STEP_SECONDS) % self::STATION_STEP_SECONDS);
    }

    /** @return list<Segment> */
    private function oneSide(Side $side): array
    {
        $bouts = $this->bouts();
        if ($bouts === null) {
            return [$this->segment(TimeKind::Work, $this->plainSeconds(), $side, $this->body->target())];
        }
        $segments = [];
        foreach ($bouts as $index => $seconds) {
            if ($index > 0 && $this->gap() > 0) {
                $segments[] = $this->segment(TimeKind::Gap, $this->gap(), $side);
            }
            $segments[] = $this->segment(TimeKind::Work, $seconds, $side, $seconds);
        }

        return $segments;
    }

    /**
     * Repetitions run through both sides in one stretch; holds take the sides in turn.
     *
     * @return list<Segment>
     */
    private function alternating(): array
    {
        $bouts = $this->bouts();
        if ($bouts === null) {
            return [$this->segment(TimeKind::Work, 2 * $this->plainSeconds(), Side::Both, $this->body->target())];
        }
        $segments = [];
        foreach ($bouts as $seconds) {
            foreach ([$this->item->firstSide, $this->item->firstSide->other()] as $side) {
                if ($segments !== [] && $this->gap() > 0) {
                    $segments[] = $this->segment(TimeKind::Gap, $this->gap(), $side);
                }
                $segments[] = $this->segment(TimeKind::Work, $seconds, $side, $seconds);
            }
        }

        return $segments;
    }

    /** @return list<Segment> */
    private function timed(Timed $timed): array
    {
        if (! $this->item->isOneSided()) {
            return [$this->segment(TimeKind::Work, $timed->seconds, Side::Both, $timed->seconds)];
        }
        $each = self::eachSide($timed->seconds);
        $left = $timed->seconds - self::SIDE_CHANGE_SECONDS - 2 * $each;
        $first = $this->item->firstSide;
        $segments = [
            $this->segment(TimeKind::Work, $each, $first, $each),
            $this->segment(TimeKind::SideChange, self::SIDE_CHANGE_SECONDS, $first->other()),
            $this->segment(TimeKind::Work, $each, $first->other(), $each),
        ];

        return $left === 0 ? $segments : [...$segments, $this->segment(TimeKind::Rest, $left, Side::Both)];
    }

    /**
     * Seconds of each hold of the set, or null where the set is not made of holds.
     *
     * @return list<int>|null
     */
    private function bouts(): ?array
    {
        return match (true) {
            $this->body instanceof Holds => array_fill(0, $this->body->count, $this->body->seconds),
            $this->body instanceof AccumulatedHold => $this->body->bouts(),
            default => null,
        };
    }

    private function gap(): int
    {
        return $this->body instanceof Holds || $this->body instanceof AccumulatedHold ? $this->body->gapSeconds : 0;
    }

    /** Seconds of one side of a set that has no holds. */
    private function plainSeconds(): int
    {
        if ($this->body instanceof Carry) {
            $turns = intdiv($this->body->metres + self::LANE_METRES - 1, self::LANE_METRES) - 1;

            return intdiv($this->body->metres, self::METRES_PER_SECOND) + self::SECONDS_PER_TURN * $turns;
        }

        return $this->item->isInReps() ? $this->body->target() * $this->item->repSeconds() : $this->body->target();
    }

    private function segment(TimeKind $stretch, int $seconds, Side $side, int $target = 0): Segment
    {
        return new Segment($stretch, $seconds, $this->block, $this->item, $this->set, $side, $target);
    }
}
