<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** A part of a session that is done as one: straight sets of one exercise, or a circuit. */
interface Block
{
    /** @return non-empty-list<Item> */
    public function items(): array;
}
