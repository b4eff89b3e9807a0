<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** The base of support: the smallest area without dents round all places on the floor. */
final readonly class Base
{
    /** @var list<array{array{float, float}, array{float, float}}> edges, each with everything else on its left */
    private array $edges;

    /** @param non-empty-list<array{float, float}> $places */
    public function __construct(private array $places)
    {
        $edges = [];
        // With so few places all pairs are tried.
        foreach ($places as $a) {
            foreach ($places as $b) {
                if (hypot($b[0] - $a[0], $b[1] - $a[1]) > 1e-9 && min(array_map(static fn(array $of): float => self::left($a, $b, $of), $places)) > -1e-9) {
                    $edges[] = [$a, $b];
                }
            }
        }
        $this->edges = $edges;
    }

    /** The same about its middle, smaller by a factor. */
    public function shrunk(float $by): self
    {
        $count = count($this->places);
        $middle = [array_sum(array_column($this->places, 0)) / $count, array_sum(array_column($this->places, 1)) / $count];

        return new self(array_map(static fn(array $place): array => [$middle[0] + $by * ($place[0] - $middle[0]), $middle[1] + $by * ($place[1] - $middle[1])], $this->places));
    }

    /**
     * @param array{float, float} $point
     *
     * @return float how far the point is inside; below nought outside
     */
    public function margin(array $point): float
    {
        $nearest = $this->nearest($point);
        $outside = hypot($nearest[0] - $point[0], $nearest[1] - $point[1]);

        return $outside > 1e-9 || $this->edges === [] ? -$outside : min(array_map(static fn(array $edge): float => self::left($edge[0], $edge[1], $point), $this->edges));
    }

    /**
     * @param array{float, float} $point
     *
     * @return array{float, float} itself where it is inside, else the nearest point of the base
     */
    public function nearest(array $point): array
    {
        $isInside = $this->edges !== [] && min(array_map(static fn(array $edge): float => self::left($edge[0], $edge[1], $point), $this->edges)) >= 0;
        $nearest = $isInside ? $point : $this->places[0];
        foreach ($isInside ? [] : $this->edges as [$a, $b]) {
            $part = (($point[0] - $a[0]) * ($b[0] - $a[0]) + ($point[1] - $a[1]) * ($b[1] - $a[1])) / (($b[0] - $a[0]) ** 2 + ($b[1] - $a[1]) ** 2);
            $part = max(0.0, min(1.0, $part));
            $at = [$a[0] + $part * ($b[0] - $a[0]), $a[1] + $part * ($b[1] - $a[1])];
            if (hypot($at[0] - $point[0], $at[1] - $point[1]) < hypot($nearest[0] - $point[0], $nearest[1] - $point[1])) {
                $nearest = $at;
            }
        }

        return $nearest;
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $of
     *
     * @return float how far it lies to the left of the line from a to b
     */
    private static function left(array $a, array $b, array $of): float
    {
        return (($b[0] - $a[0]) * ($of[1] - $a[1]) - ($b[1] - $a[1]) * ($of[0] - $a[0])) / hypot($b[0] - $a[0], $b[1] - $a[1]);
    }
}
