<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

/** The two phases of a repetition in words, and which one the exercise starts with. */
final readonly class Phases
{
    public function __construct(public string $lowering, public string $lifting, public bool $startsWithLowering) {}

    /** Whether a limb or the hands go away from the trunk in one of them. */
    public function reaches(): bool
    {
        return preg_match('/\\b(away|out|reach)\\b/', "{$this->lowering} {$this->lifting}") === 1;
    }
}
