<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

/** The smallest difference between two tests that is more than their noise, at 95 % (Weir 2005, J Strength Cond Res 19:231–240). */
final class MinimalDetectableChange
{
    /** In the unit of the standard deviation: SEM = SD·√(1 − r), MDC = SEM·1.96·√2. */
    public static function of(float $sd, float $reliability): float
    {
        return self::standardError($sd, $reliability) * 1.96 * M_SQRT2;
    }

    public static function standardError(float $sd, float $reliability): float
    {
        return $sd * sqrt(1 - $reliability);
    }
}
