<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** Repetitions; holds in the pause belong to the tempo. */
final readonly class Reps implements SetBody
{
    private function __construct(public int $count) {}

    /** @throws InvalidDose */
    public static function of(int $count): self
    {
        return new self(Bounds::within($count, 1, 200, 'Repetitions in a set'));
    }

    public function unit(): Unit
    {
        return Unit::Reps;
    }

    public function target(): int
    {
        return $this->count;
    }
}
