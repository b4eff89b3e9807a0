<?php

declare(strict_types=1);

namespace App\Http\Checks;

use EvenRungs\Assessment\Alignment;
use EvenRungs\Assessment\Point;
use EvenRungs\Assessment\Scale;
use EvenRungs\Method\Method;

/** Marks as they are written and stored, in the terms of the core. */
final class ReadAlignment
{
    /**
     * @param array<string, array{x: float, y: float}> $marks
     * @param array{from: array{x: float, y: float}, to: array{x: float, y: float}, centimetres: float}|null $scale
     *
     * @throws \EvenRungs\Assessment\InvalidMarks
     */
    public static function of(string $view, array $marks, ?array $scale, Method $method): Alignment
    {
        $points = array_map(self::point(...), $marks);
        $known = $scale === null ? null : Scale::of(self::point($scale['from']), self::point($scale['to']), $scale['centimetres']);

        return $view === 'behind' ? Alignment::fromBehind($points['left'], $points['right'], $known) : Alignment::fromTheSide($points, $known, $method);
    }

    /** @param array{x: float, y: float} $mark */
    private static function point(array $mark): Point
    {
        return new Point($mark['x'], $mark['y']);
    }
}
