<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

/** The bands of pain, 0 to 10 (Thomeé 1997; Silbernagel 2007: knee and Achilles work, not validated for backs). */
final class Pain
{
    /** From here on the person steps down, and does not climb until two sessions below it. */
    public const ACTS_FROM = 3;

    /** Above this the ladder is stopped. */
    public const STOPS_ABOVE = 5;

    /** Pain at so many sessions running, over so many days, is not settling (our own choice: what keeps to 2 should be less from week to week). */
    public const STAYS_FROM_SESSIONS = 3;

    public const STAYS_FROM_DAYS = 14;

    public static function acts(int $pain): bool
    {
        return $pain >= self::ACTS_FROM;
    }

    public static function stops(int $pain): bool
    {
        return $pain > self::STOPS_ABOVE;
    }
}
