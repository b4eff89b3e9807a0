<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** All sets of one exercise, a rest between them. */
final readonly class StraightSets implements Block
{
    public function __construct(public Item $item) {}

    public function items(): array
    {
        return [$this->item];
    }
}
