<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** Work by the clock, both sides inside it: `60s on`. */
final readonly class Timed implements SetBody
{
    /** In seconds. */
    public const LEAST = 10;

    public const MOST = 1800;

    private function __construct(public int $seconds) {}

    /** @throws InvalidDose */
    public static function of(int $seconds): self
    {
        return new self(Bounds::within($seconds, self::LEAST, self::MOST, 'The seconds of a timed set'));
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
