<?php

declare(strict_types=1);

namespace App\Http\Session;

use EvenRungs\Session\Part;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;

/** A block as the composer writes it. */
final readonly class WrittenBlockView
{
    /**
     * @param 'straight'|'circuit'  $kind
     * @param list<WrittenItemView> $items
     * @param list<int>             $gapSeconds
     */
    public function __construct(
        public string $kind,
        public Part $part,
        public array $items,
        public array $gapSeconds,
        public int $roundRestSeconds,
    ) {}

    /**
     * @param list<WrittenBlock> $blocks
     *
     * @return list<self>
     */
    public static function all(array $blocks): array
    {
        return array_map(static fn(WrittenBlock $block): self => new self(
            kind: $block->isCircuit ? 'circuit' : 'straight',
            part: $block->part,
            items: array_map(static fn(WrittenItem $item): WrittenItemView => new WrittenItemView(id: $item->id, rung: $item->rung, dose: $item->dose), $block->items),
            gapSeconds: $block->gapSeconds,
            roundRestSeconds: $block->roundRestSeconds,
        ), $blocks);
    }
}
