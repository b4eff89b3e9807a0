<?php

declare(strict_types=1);

namespace EvenRungs\Statics;

/** How well the heights of a ladder follow what is computed. */
final class Agreement
{
    /**
     * Kendall's tau-b: of all pairs, those in the same order less those in the opposite one; 1 is full agreement, −1 the
     * opposite. Kendall 1938, Biometrika 30:81–93; with ties as in Kendall 1945, Biometrika 33:239–251.
     *
     * @param list<array{float|int, float|int}> $pairs
     *
     * @return float|null null where one of the two never differs
     */
    public static function tau(array $pairs): ?float
    {
        [$same, $first, $second] = [0, 0, 0];
        foreach ($pairs as $at => [$x, $y]) {
            foreach (array_slice($pairs, $at + 1) as [$otherX, $otherY]) {
                $same += ($x <=> $otherX) * ($y <=> $otherY);
                $first += $x === $otherX ? 0 : 1;
                $second += $y === $otherY ? 0 : 1;
            }
        }

        return $first === 0 || $second === 0 ? null : $same / sqrt($first * $second);
    }
}
