<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** A session laid out in time, second after second; every total is a sum over it. */
final readonly class Timeline
{
    /** @param list<Segment> $segments in the order they are done; none of 0 seconds */
    private function __construct(public array $segments) {}

    public static function of(Session $session): self
    {
        $segments = [];
        $last = null;
        foreach ($session->blocks as $number => $block) {
            $first = $block->items()[0];
            if ($last !== null) {
                $segments[] = new Segment(TimeKind::ChangeOver, ChangeOver::between($last, $first)->seconds, $number, $first, 1);
            }
            array_push($segments, ...($block instanceof Circuit ? self::circuit($block, $number) : self::straight($first, $number)));
            $last = $block->lastDone();
        }

        return new self(array_values(array_filter($segments, static fn(Segment $segment): bool => $segment->seconds > 0)));
    }

    public function totals(): Totals
    {
        return Totals::of($this->segments);
    }

    /**
     * Totals of each exercise, its own rests included; change-overs before it are the session's.
     *
     * @return array<string, Totals> by id of the exercise
     */
    public function totalsByItem(): array
    {
        return array_map(Totals::of(...), $this->byItem());
    }

    /**
     * The stretches of each exercise, its own rests included; change-overs before it are the session's.
     *
     * @return array<string, non-empty-list<Segment>> by id of the exercise
     */
    public function byItem(): array
    {
        $own = [];
        foreach ($this->segments as $segment) {
            if ($segment->stretch !== TimeKind::ChangeOver) {
                $own[$segment->item->id][] = $segment;
            }
        }

        return $own;
    }

    /** Seconds that optional sets add when all of them are done; counted apart from every total. */
    public static function optionalSeconds(Session $session): int
    {
        $seconds = 0;
        foreach ($session->blocks as $block) {
            foreach ($block->items() as $item) {
                $set = array_sum(array_map(static fn(Segment $segment): int => $segment->seconds, $item->dose->optionalSets === 0 ? [] : SetClock::segments($item, 0, $item->dose->sets())));
                $seconds += $item->dose->optionalSets * ($set + ($block instanceof Circuit ? $block->roundRestSeconds : $item->restSeconds()));
            }
        }

        return $seconds;
    }

    /** @return list<Segment> */
    private static function straight(Item $item, int $block): array
    {
        $segments = [];
        for ($set = 1; $set <= $item->dose->allSets(); $set++) {
            if ($set > 1) {
                $segments[] = new Segment(TimeKind::Rest, $item->restSeconds(), $block, $item, $set - 1);
            }
            array_push($segments, ...SetClock::segments($item, $block, $set));
        }

        return $segments;
    }

    /** @return list<Segment> */
    private static function circuit(Circuit $circuit, int $block): array
    {
        $segments = [];
        $previous = null;
        for ($round = 1; $round <= $circuit->rounds(); $round++) {
            foreach ($circuit->stations as $index => $item) {
                if ($item->dose->allSets() < $round) {
                    continue;
                }
                if ($previous !== null) {
                    [$lastIndex, $lastItem, $lastRound] = $previous;
                    $rest = $lastRound < $round ? $circuit->roundRestSeconds : $circuit->gapSeconds[$lastIndex];
                    $segments[] = new Segment(TimeKind::Rest, $rest, $block, $lastItem, $lastRound);
                }
                array_push($segments, ...SetClock::segments($item, $block, $round));
                $previous = [$index, $item, $round];
            }
        }

        return $segments;
    }
}
