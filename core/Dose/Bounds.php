<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** Keeps numbers of a dose inside what a person can do and a clock can show. */
final class Bounds
{
    /** @throws InvalidDose */
    public static function within(int $value, int $low, int $high, string $what): int
    {
        if ($value < $low || $value > $high) {
            throw InvalidDose::because("{$what} can be from {$low} to {$high}, not {$value}.");
        }

        return $value;
    }
}
