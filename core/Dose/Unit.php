<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** What a set is counted in when it is logged. */
enum Unit: string
{
    case Reps = 'reps';
    case Seconds = 'seconds';
    case Metres = 'metres';

    /** What follows the number: nothing for repetitions. */
    public function suffix(): string
    {
        return match ($this) {
            self::Reps => '',
            self::Seconds => ' s',
            self::Metres => ' m',
        };
    }
}
