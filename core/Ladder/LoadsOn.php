<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

/** Which side of the body the load tags of a one-sided rung fall on. */
enum LoadsOn: string
{
    case WorkingSide = 'working-side';
    case BothSides = 'both-sides';
}
