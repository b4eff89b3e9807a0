<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

/** The two phases of a repetition in words, and which one the exercise starts with. */
final readonly class Phases
{
    public function __construct(public string $lowering, public string $lifting, public bool $startsWithLowering) {}
}
