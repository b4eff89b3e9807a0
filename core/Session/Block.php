<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** A part of a session that is done as one: straight sets of one exercise, or a circuit; a circuit of two is a superset. */
interface Block
{
    /** @return non-empty-list<Item> */
    public function items(): array;

    public function part(): Part;

    /** The exercise it ends with: stations with fewer sets leave a circuit early. */
    public function lastDone(): Item;

    /**
     * The same block with other exercises in the places of its own.
     *
     * @param non-empty-list<Item> $items as many as it has
     *
     * @throws InvalidSession
     */
    public function withItems(array $items): self;
}
