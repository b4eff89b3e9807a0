<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** A point in the figure's own units: y upward, the ground at 0. */
final readonly class Point
{
    public function __construct(public float $x, public float $y) {}

    public function plus(self $by): self
    {
        return new self($this->x + $by->x, $this->y + $by->y);
    }

    /** @param float $degrees 0 to the right, 90 up */
    public function go(float $degrees, float $length): self
    {
        return new self($this->x + cos(deg2rad($degrees)) * $length, $this->y + sin(deg2rad($degrees)) * $length);
    }

    public function towards(self $other, float $part): self
    {
        return new self($this->x + ($other->x - $this->x) * $part, $this->y + ($other->y - $this->y) * $part);
    }

    public function distance(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }
}
