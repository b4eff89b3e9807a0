<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** Ordered blocks: primer, main part, finisher. */
final readonly class Session
{
    /**
     * @param list<Block> $blocks
     *
     * @throws InvalidSession when it has no exercise, or one of them twice
     */
    public function __construct(public array $blocks)
    {
        if ($blocks === []) {
            throw InvalidSession::because('A session needs at least one exercise.');
        }
        $ids = array_map(static fn(Item $item): string => $item->id, $this->items());
        if (count(array_unique($ids)) !== count($ids)) {
            throw InvalidSession::because('Each entry of a session needs an id of its own.');
        }
        if (count($ids) > 40) {
            throw InvalidSession::because('A session has at most 40 exercises.');
        }
        $before = 0;
        foreach ($blocks as $block) {
            if ($block->part()->place() < $before) {
                throw InvalidSession::because('The primer comes before the main part, and the finisher after it.');
            }
            $before = $block->part()->place();
        }
    }

    /** @return list<Item> in the order they are done */
    public function items(): array
    {
        $items = [];
        foreach ($this->blocks as $block) {
            array_push($items, ...$block->items());
        }

        return $items;
    }

    /** @return list<Block> the blocks of one part */
    public function of(Part $part): array
    {
        return array_values(array_filter($this->blocks, static fn(Block $block): bool => $block->part() === $part));
    }

    public function timeline(): Timeline
    {
        return Timeline::of($this);
    }

    /** The part of its length, in seconds, that so many of its sets stand for. */
    public function secondsFor(int $sets): int
    {
        $planned = array_sum(array_map(static fn(Item $item): int => $item->dose->allSets(), $this->items()));

        return (int) round($this->timeline()->totals()->total() * min(1, $sets / $planned));
    }
}
