<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** What a set is counted in when it is logged. */
enum Unit: string
{
    case Reps = 'reps';
    case Seconds = 'seconds';
    case Metres = 'metres';
}
