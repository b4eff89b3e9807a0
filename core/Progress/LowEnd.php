<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Dose\Unit;
use EvenRungs\Method\Method;

/** The least of a dose below which it was out of reach, not only short: the low end of the band; of what is held, carried or timed half the leaving mark, or the first dose where that is less (common practice). */
final readonly class LowEnd
{
    /** @param int $target of a set; it is never more than that */
    public static function of(RungSession $session, int $target, Method $method): int
    {
        if ($session->dose->unit() === Unit::Reps) {
            return min($target, $session->rung->band->low ?? $target);
        }
        $half = intdiv(LeavingMark::of($session->rung, $method, $session->dose)->target, 2);

        return min($target, $half, max(1, FirstDose::half($session->rung, $method)->dose->first()->target()));
    }

    public static function isMissed(RungSession $session, Method $method): bool
    {
        // Never more than the target: who reached that is not asked where it lies.
        return $session->missedTarget() && $session->isBelow(static fn(int $target): int => self::of($session, $target, $method));
    }
}
