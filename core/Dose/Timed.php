<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** Work by the clock, both sides inside it: `60s on`. */
final readonly class Timed implements SetBody
{
    private function __construct(public int $seconds) {}

    /** @throws InvalidDose */
    public static function of(int $seconds): self
    {
        return new self(Bounds::within($seconds, 10, 1800, 'The seconds of a timed set'));
    }

    public function unit(): Unit
    {
        return Unit::Seconds;
    }

    public function target(): int
    {
        return $this->seconds;
    }
}
