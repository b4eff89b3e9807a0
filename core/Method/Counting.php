<?php

declare(strict_types=1);

namespace EvenRungs\Method;

/**
 * How repetitions of exercises with two sides are counted when a dose is written and read. Schools of the trade
 * differ; the stored dose and the clock always hold the repetitions of each side. In the order of the choices of
 * Question::CountingReps.
 */
enum Counting
{
    /** 10 each side: 20 movements. */
    case EachSide;
    /** Right and left together are one: 10 pairs are 20 movements. */
    case Pairs;
    /** 10 movements are 5 each side; an odd count rounds up to even. */
    case Moves;

    /** The word behind a count in the typed line. */
    /** @return '/side'|' pairs'|' moves' */
    public function suffix(): string
    {
        return match ($this) {
            self::EachSide => '/side',
            self::Pairs => ' pairs',
            self::Moves => ' moves',
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::EachSide => ' each side',
            self::Pairs => ' pairs',
            self::Moves => ' movements',
        };
    }

    /** What is written for so many repetitions of each side. */
    public function written(int $eachSide): int
    {
        return $this === self::Moves ? 2 * $eachSide : $eachSide;
    }

    /** Repetitions of each side from what was written. */
    public function eachSide(int $written): int
    {
        return $this === self::Moves ? intdiv($written + 1, 2) : $written;
    }
}
