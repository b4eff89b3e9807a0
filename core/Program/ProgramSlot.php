<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Week\Cell;
use EvenRungs\Week\Placement;

/** A place for a core session in each week of a program: when, and how many minutes there are. */
final readonly class ProgramSlot
{
    public const LEAST_MINUTES = 3;

    public const MOST_MINUTES = 90;

    /** @throws \InvalidArgumentException */
    public function __construct(public string $id, public Cell $cell, public Placement $placement, public int $minutes, public int $effort)
    {
        if ($minutes < self::LEAST_MINUTES || $minutes > self::MOST_MINUTES) {
            throw new \InvalidArgumentException('A session has '.self::LEAST_MINUTES.' to '.self::MOST_MINUTES.' minutes.');
        }
    }

    public function inWords(): string
    {
        return $this->cell->inWords();
    }
}
