<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** A session as it is written and kept. */
final readonly class WrittenSession
{
    /**
     * @param list<WrittenBlock> $blocks
     * @param string|null        $programMonday Monday of the week of the program it was written from
     * @param string|null        $programSlot   its place in that week
     * @param int|null           $picks         so many of its exercises the person picks; null for all
     */
    public function __construct(public string $id, public string $title, public array $blocks, public ?string $programMonday = null, public ?string $programSlot = null, public ?int $picks = null) {}

    /** @return list<list<string>> "rung dose" of each exercise, block by block */
    public function lines(): array
    {
        return self::linesOf($this->blocks);
    }

    /**
     * @param list<WrittenBlock> $blocks
     *
     * @return list<list<string>>
     */
    public static function linesOf(array $blocks): array
    {
        return array_map(static fn(WrittenBlock $block): array => array_map(static fn(WrittenItem $item): string => "{$item->rung} {$item->dose}", $block->items), $blocks);
    }
}
