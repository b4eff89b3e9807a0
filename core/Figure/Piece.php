<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** A rounded, tapering piece of the body from one point to another. */
final readonly class Piece
{
    public function __construct(public string $part, public Point $from, public Point $to, public float $fromRadius, public float $toRadius) {}

    public function isFar(): bool
    {
        return str_starts_with($this->part, 'far');
    }

    public function moved(Point $by): self
    {
        return new self($this->part, $this->from->plus($by), $this->to->plus($by), $this->fromRadius, $this->toRadius);
    }

    /** Its outline as an SVG path. */
    public function outline(): string
    {
        $distance = $this->from->distance($this->to);
        if ($distance <= abs($this->fromRadius - $this->toRadius) + 0.01) {
            [$at, $radius] = $this->fromRadius > $this->toRadius ? [$this->from, $this->fromRadius] : [$this->to, $this->toRadius];

            return sprintf('M%1$.1f %2$.1fa%3$.1f %3$.1f 0 1 0 %4$.1f 0a%3$.1f %3$.1f 0 1 0 -%4$.1f 0Z', $at->x - $radius, $at->y, $radius, 2 * $radius);
        }
        $along = atan2($this->to->y - $this->from->y, $this->to->x - $this->from->x);
        $open = acos(($this->fromRadius - $this->toRadius) / $distance);
        $at = static fn(Point $point, float $angle, float $radius): string => sprintf('%.1f %.1f', $point->x + cos($angle) * $radius, $point->y + sin($angle) * $radius);

        return "M{$at($this->from, $along + $open, $this->fromRadius)}L{$at($this->to, $along + $open, $this->toRadius)}"
            .sprintf('A%1$.1f %1$.1f 0 %2$d 0 ', $this->toRadius, $open > M_PI_2 ? 1 : 0).$at($this->to, $along - $open, $this->toRadius)
            ."L{$at($this->from, $along - $open, $this->fromRadius)}"
            .sprintf('A%1$.1f %1$.1f 0 %2$d 0 ', $this->fromRadius, $open < M_PI_2 ? 1 : 0).$at($this->from, $along + $open, $this->fromRadius).'Z';
    }
}
