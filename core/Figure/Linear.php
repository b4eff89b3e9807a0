<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** Linear equations. */
final class Linear
{
    /**
     * Gauss, with the largest pivot of each column.
     *
     * @param array<int, array<int, float>> $matrix square
     * @param array<int, float>             $right
     *
     * @return list<float> what does not depend on the rest of a singular system is nought
     */
    public static function solve(array $matrix, array $right): array
    {
        $count = count($right);
        for ($column = 0; $column < $count; $column++) {
            $pivot = $column;
            for ($row = $column + 1; $row < $count; $row++) {
                if (abs($matrix[$row][$column] ?? 0.0) > abs($matrix[$pivot][$column] ?? 0.0)) {
                    $pivot = $row;
                }
            }
            [$matrix[$column], $matrix[$pivot]] = [$matrix[$pivot] ?? [], $matrix[$column] ?? []];
            [$right[$column], $right[$pivot]] = [$right[$pivot] ?? 0.0, $right[$column] ?? 0.0];
            $top = $matrix[$column][$column] ?? 0.0;
            if (abs($top) < 1e-14) {
                continue;
            }
            for ($row = $column + 1; $row < $count; $row++) {
                $factor = ($matrix[$row][$column] ?? 0.0) / $top;
                if ($factor === 0.0) {
                    continue;
                }
                for ($at = $column; $at < $count; $at++) {
                    $matrix[$row][$at] = ($matrix[$row][$at] ?? 0.0) - $factor * ($matrix[$column][$at] ?? 0.0);
                }
                $right[$row] = ($right[$row] ?? 0.0) - $factor * ($right[$column] ?? 0.0);
            }
        }
        $solution = array_fill(0, $count, 0.0);
        for ($row = $count - 1; $row >= 0; $row--) {
            $sum = $right[$row] ?? 0.0;
            for ($at = $row + 1; $at < $count; $at++) {
                $sum -= ($matrix[$row][$at] ?? 0.0) * $solution[$at];
            }
            $top = $matrix[$row][$row] ?? 0.0;
            $solution[$row] = abs($top) < 1e-14 ? 0.0 : $sum / $top;
        }

        return array_values($solution);
    }
}
