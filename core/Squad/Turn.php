<?php

declare(strict_types=1);

namespace EvenRungs\Squad;

/** A stretch of the squad's clock. */
final readonly class Turn
{
    /**
     * @param int $round from 1
     * @param int $place how many stations everybody has moved on by in this round, from 0; of a change and a rest, with the round, where they lead to
     */
    public function __construct(public TurnKind $kind, public int $seconds, public int $round, public int $place) {}
}
