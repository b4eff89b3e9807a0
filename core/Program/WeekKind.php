<?php

declare(strict_types=1);

namespace EvenRungs\Program;

/** What a week of a program is for. Values are stored: never renamed. */
enum WeekKind: string
{
    case Build = 'build';
    case Easier = 'easier';
    case Away = 'away';

    /** Every so many weeks an easier one (our own choice). */
    public const EASIER_EVERY = 4;

    /** Its work is so much of an ordinary week's (our own choice). */
    public const EASIER_PER_CENT = 60;

    /** Longest time between two re-tests (common practice: every four to six weeks). */
    public const RETEST_WEEKS = 6;

    /** @param int $number of the week, from 1, weeks away not counted */
    public static function ofNumber(int $number): self
    {
        return $number % self::EASIER_EVERY === 0 ? self::Easier : self::Build;
    }
}
