<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

/** An age in years as far as the year of birth tells it: one of two. */
final readonly class Age
{
    private function __construct(public int $least, public int $most) {}

    public static function inYear(int $birthYear, int $thisYear): self
    {
        return new self($thisYear - $birthYear - 1, $thisYear - $birthYear);
    }
}
