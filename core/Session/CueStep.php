<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** One set of one exercise, in the order of a session. */
final readonly class CueStep
{
    /** @param int $set from 1; in a circuit the round */
    public function __construct(public string $item, public int $set) {}
}
