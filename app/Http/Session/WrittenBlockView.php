<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use App\Api\OneOf;
use EvenRungs\Session\Part;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use OpenApi\Attributes as OA;

/** A block as the composer writes it. */
#[OA\Schema]
final readonly class WrittenBlockView
{
    /**
     * @param list<WrittenItemView> $items
     * @param list<int>             $gapSeconds
     */
    public function __construct(
        #[OA\Property(enum: ['straight', 'circuit'])]
        public string $kind,
        #[OneOf(Part::class)]
        public string $part,
        #[ListOf(WrittenItemView::class)]
        public array $items,
        #[ListOf('integer')]
        public array $gapSeconds,
        #[OA\Property]
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
            $block->isCircuit ? 'circuit' : 'straight',
            $block->part->value,
            array_map(static fn(WrittenItem $item): WrittenItemView => new WrittenItemView($item->id, $item->rung, $item->dose), $block->items),
            $block->gapSeconds,
            $block->roundRestSeconds,
        ), $blocks);
    }
}
