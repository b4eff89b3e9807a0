<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * Arithmetic of places and directions in space. Of a standing person x points forward, y to their left, z up.
 * A turn is kept as the images of the three axes.
 *
 * @phpstan-type Vec  array{float, float, float}
 * @phpstan-type Turn array{Vec, Vec, Vec}
 */
final class Vector
{
    public const AXES = [[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]];

    /**
     * @param Vec $a
     * @param Vec $b
     *
     * @return Vec
     */
    public static function plus(array $a, array $b, float $times = 1): array
    {
        return [$a[0] + $times * $b[0], $a[1] + $times * $b[1], $a[2] + $times * $b[2]];
    }

    /**
     * @param Vec $a
     *
     * @return Vec
     */
    public static function times(array $a, float $by): array
    {
        return [$a[0] * $by, $a[1] * $by, $a[2] * $by];
    }

    /**
     * @param Vec $a
     * @param Vec $b
     */
    public static function dot(array $a, array $b): float
    {
        return $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2];
    }

    /**
     * @param Vec $a
     * @param Vec $b
     *
     * @return Vec
     */
    public static function cross(array $a, array $b): array
    {
        return [$a[1] * $b[2] - $a[2] * $b[1], $a[2] * $b[0] - $a[0] * $b[2], $a[0] * $b[1] - $a[1] * $b[0]];
    }

    /** @param Vec $a */
    public static function length(array $a): float
    {
        return sqrt($a[0] * $a[0] + $a[1] * $a[1] + $a[2] * $a[2]);
    }

    /**
     * @param Vec $a
     *
     * @return Vec of length 1, in the same direction; nought stays nought
     */
    public static function unit(array $a): array
    {
        $length = self::length($a);

        return $length < 1e-12 ? [0.0, 0.0, 0.0] : self::times($a, 1 / $length);
    }

    /**
     * @param Turn $turn
     * @param Vec  $a
     *
     * @return Vec
     */
    public static function turned(array $turn, array $a): array
    {
        [$x, $y, $z] = $turn;

        return [
            $a[0] * $x[0] + $a[1] * $y[0] + $a[2] * $z[0],
            $a[0] * $x[1] + $a[1] * $y[1] + $a[2] * $z[1],
            $a[0] * $x[2] + $a[1] * $y[2] + $a[2] * $z[2],
        ];
    }

    /**
     * @param Turn $outer
     * @param Turn $inner
     *
     * @return Turn the inner turn first, then the outer
     */
    public static function both(array $outer, array $inner): array
    {
        return [self::turned($outer, $inner[0]), self::turned($outer, $inner[1]), self::turned($outer, $inner[2])];
    }

    /**
     * @param 0|1|2 $axis x, y or z
     *
     * @return Turn about it, against the clock seen from its tip
     */
    public static function about(int $axis, float $degrees): array
    {
        [$c, $s] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];

        return match ($axis) {
            0 => [[1.0, 0.0, 0.0], [0.0, $c, $s], [0.0, -$s, $c]],
            1 => [[$c, 0.0, -$s], [0.0, 1.0, 0.0], [$s, 0.0, $c]],
            2 => [[$c, $s, 0.0], [-$s, $c, 0.0], [0.0, 0.0, 1.0]],
        };
    }
}
