<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** A carry over a way, on a lane of 10 m with turns. */
final readonly class Carry implements SetBody
{
    private function __construct(public int $metres) {}

    /** @throws InvalidDose */
    public static function of(int $metres): self
    {
        return new self(Bounds::within($metres, 1, 500, 'The metres of a carry'));
    }

    public function unit(): Unit
    {
        return Unit::Metres;
    }

    public function target(): int
    {
        return $this->metres;
    }
}
