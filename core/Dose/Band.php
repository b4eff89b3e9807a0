<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** From the low end to the top of what a rung asks for in a set, in the unit of the dose. */
final readonly class Band
{
    private function __construct(public int $low, public int $high) {}

    /** @throws InvalidDose */
    public static function of(int $low, int $high): self
    {
        if ($low < 1 || $high < $low) {
            throw InvalidDose::because("A band goes from a low end of at least 1 up to its top, not from {$low} to {$high}.");
        }

        return new self($low, $high);
    }
}
