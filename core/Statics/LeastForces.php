<?php

declare(strict_types=1);

namespace EvenRungs\Statics;

use EvenRungs\Figure\Linear;

/**
 * Of all forces that supports can give and that keep a body at rest, those with the least sum of squares: our choice
 * where there are more supports than equations.
 *
 * min |Gλ|² with Aλ = b and λ ≥ 0, where the columns of G are directions in which supports can push. Solved as a
 * non-negative least squares problem (Lawson and Hanson 1974) with the equations weighted heavily, and then exactly
 * for the directions that push.
 */
final class LeastForces
{
    private const HEAVY = 1e5;

    /** Keeps directions of one support apart that together make the same force. */
    private const RIDGE = 1e-7;

    private const PASSES = 300;

    /**
     * @param list<list<float>> $cost    each column a direction, as it counts in the sum of squares
     * @param list<list<float>> $effects each column its part in each equation
     * @param list<float>       $needed  right side of each equation
     *
     * @return array{list<float>, float} how much of each direction, and how far the equations are off
     */
    public static function of(array $cost, array $effects, array $needed): array
    {
        $count = count($cost);
        $square = $pull = [];
        for ($i = 0; $i < $count; $i++) {
            for ($j = 0; $j <= $i; $j++) {
                $square[$i][$j] = $square[$j][$i] = self::dot($cost[$i] ?? [], $cost[$j] ?? []) + self::HEAVY * self::dot($effects[$i] ?? [], $effects[$j] ?? []) + ($i === $j ? self::RIDGE : 0.0);
            }
            $pull[$i] = self::HEAVY * self::dot($effects[$i] ?? [], $needed);
        }
        $amount = array_fill(0, $count, 0.0);
        $pushing = [];
        for ($pass = 0; $pass < self::PASSES; $pass++) {
            [$next, $most] = [null, 1e-7];
            for ($i = 0; $i < $count; $i++) {
                $gain = isset($pushing[$i]) ? 0.0 : ($pull[$i] ?? 0.0) - self::dot($square[$i] ?? [], $amount);
                if ($gain > $most) {
                    [$next, $most] = [$i, $gain];
                }
            }
            if ($next === null) {
                break;
            }
            $pushing[$next] = true;
            while (true) {
                $tried = self::solved(array_keys($pushing), $square, $pull);
                $step = 1.0;
                foreach ($tried as $i => $value) {
                    if ($value <= 0 && ($amount[$i] ?? 0.0) - $value > 0) {
                        $step = min($step, ($amount[$i] ?? 0.0) / (($amount[$i] ?? 0.0) - $value));
                    }
                }
                foreach ($tried as $i => $value) {
                    $amount[$i] = ($amount[$i] ?? 0.0) + $step * ($value - ($amount[$i] ?? 0.0));
                }
                if ($step >= 1.0) {
                    break;
                }
                foreach (array_keys($pushing) as $i) {
                    if (($amount[$i] ?? 0.0) <= 1e-12) {
                        $amount[$i] = 0.0;
                        unset($pushing[$i]);
                    }
                }
            }
        }
        $amount = self::exact(array_keys($pushing), array_values($amount), $cost, $effects, $needed);
        $off = $needed;
        foreach ($amount as $i => $value) {
            foreach ($effects[$i] ?? [] as $row => $effect) {
                $off[$row] = ($off[$row] ?? 0.0) - $value * $effect;
            }
        }

        return [$amount, sqrt(self::dot($off, $off))];
    }

    /**
     * The same directions, with the equations kept exactly instead of heavily; left as it was where that would make one pull.
     *
     * @param list<int>         $pushing
     * @param list<float>       $amount
     * @param list<list<float>> $cost
     * @param list<list<float>> $effects
     * @param list<float>       $needed
     *
     * @return list<float>
     */
    private static function exact(array $pushing, array $amount, array $cost, array $effects, array $needed): array
    {
        $count = count($pushing);
        $matrix = [];
        $right = [...array_fill(0, $count, 0.0), ...$needed];
        foreach ($pushing as $i => $one) {
            foreach ($pushing as $j => $other) {
                $matrix[$i][$j] = self::dot($cost[$one] ?? [], $cost[$other] ?? []) + ($i === $j ? self::RIDGE : 0.0);
            }
            foreach (array_keys($needed) as $row) {
                $matrix[$i][$count + $row] = $matrix[$count + $row][$i] = $effects[$one][$row] ?? 0.0;
            }
        }
        foreach (array_keys($needed) as $row) {
            $matrix[$count + $row][$count + $row] = -1e-12;
        }
        $solution = Linear::solve($matrix, $right);
        $exact = $amount;
        foreach ($pushing as $i => $one) {
            if (($solution[$i] ?? 0.0) < -1e-9) {
                return $amount;
            }
            $exact[$one] = max(0.0, $solution[$i]);
        }

        return array_values($exact);
    }

    /**
     * @param list<int>                     $which
     * @param array<int, array<int, float>> $square
     * @param array<int, float>             $pull
     *
     * @return array<int, float> by index
     */
    private static function solved(array $which, array $square, array $pull): array
    {
        $matrix = array_map(static fn(int $i): array => array_map(static fn(int $j): float => $square[$i][$j] ?? 0.0, $which), $which);

        return array_combine($which, Linear::solve($matrix, array_map(static fn(int $i): float => $pull[$i] ?? 0.0, $which)));
    }

    /**
     * @param array<int, float> $a
     * @param array<int, float> $b
     */
    private static function dot(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $at => $value) {
            $sum += $value * ($b[$at] ?? 0.0);
        }

        return $sum;
    }
}
