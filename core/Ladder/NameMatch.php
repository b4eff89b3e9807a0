<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

/** Which rung typed words mean: one for sure, or several to choose from, the likeliest first; none when nothing is like them. */
final readonly class NameMatch
{
    /** @param list<Rung> $choices */
    private function __construct(public array $choices, public bool $sure) {}

    public static function sure(Rung $rung): self
    {
        return new self([$rung], true);
    }

    /** @param list<Rung> $choices */
    public static function unsure(array $choices): self
    {
        return new self($choices, false);
    }
}
