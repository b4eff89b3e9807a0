<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** All sets of one exercise, a rest between them. */
final readonly class StraightSets implements Block
{
    public function __construct(public Item $item, private Part $part = Part::Main) {}

    public function items(): array
    {
        return [$this->item];
    }

    public function part(): Part
    {
        return $this->part;
    }

    public function lastDone(): Item
    {
        return $this->item;
    }

    public function withItems(array $items): self
    {
        return new self($items[0], $this->part);
    }
}
