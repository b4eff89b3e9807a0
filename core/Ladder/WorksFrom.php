<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

/** Where the work of a rung comes from, in the order of the bottom-up school. Values stand in ladder files: never renamed. */
enum WorksFrom: string
{
    case LegsRaised = 'legs-raised';
    case LegsWithTurning = 'legs-with-turning';
    case BothEnds = 'both-ends';
    case TrunkCurled = 'trunk-curled';
    case CurledWithTurning = 'curled-with-turning';
    case ShoulderBlades = 'shoulder-blades';
}
