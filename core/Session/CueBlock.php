<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** What is rested inside a block, by its kind. */
final readonly class CueBlock
{
    /**
     * @param list<string>   $items exercises in the order of the block
     * @param list<int>|null $gapSeconds after each station but the last; null where the sets are straight
     * @param int|null       $roundRestSeconds between rounds; null where the sets are straight
     */
    private function __construct(public Part $part, public array $items, public ?array $gapSeconds, public ?int $roundRestSeconds) {}

    public static function of(Block $block): self
    {
        return new self(
            $block->part(),
            array_map(static fn(Item $item): string => $item->id, $block->items()),
            $block instanceof Circuit ? $block->gapSeconds : null,
            $block instanceof Circuit ? $block->roundRestSeconds : null,
        );
    }
}
