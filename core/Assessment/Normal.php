<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

/** The standard normal distribution. */
final class Normal
{
    /**
     * Φ(z), the share below z. By the series φ(z)·(z + z³/3 + z⁵/15 + …) around the middle, whose terms are all of
     * one sign (Marsaglia 2004, J Stat Softw 11(4)); beyond 8 the share is 0 or 1 to more places than a float holds.
     */
    public static function shareBelow(float $z): float
    {
        if (abs($z) > 8) {
            return $z < 0 ? 0.0 : 1.0;
        }
        $sum = $term = $z;
        for ($odd = 3; abs($term) > abs($sum) * 1e-17; $odd += 2) {
            $term *= $z * $z / $odd;
            $sum += $term;
        }

        return 0.5 + $sum * exp(-$z * $z / 2) / sqrt(2 * M_PI);
    }
}
