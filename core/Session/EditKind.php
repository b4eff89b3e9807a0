<?php

declare(strict_types=1);

namespace EvenRungs\Session;

enum EditKind: string
{
    /** Another rung with its dose in place of an exercise. */
    case Swap = 'swap';
    case Dose = 'dose';
    /** The rest after a station of a circuit. */
    case Gap = 'gap';
    /** The exercises named, in this order, in the places they hold now; whole blocks move with their exercises. */
    case Order = 'order';
    case Remove = 'remove';
    /** Another exercise at the end of the main part. */
    case Add = 'add';
}
