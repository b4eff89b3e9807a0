<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** What can be drawn beside the body. */
enum PropKind: string
{
    case Wall = 'wall';
    case Bench = 'bench';
    case Step = 'step';
    case Blocks = 'blocks';
    case Pillow = 'pillow';
    case Towel = 'towel';
    case Slider = 'slider';
    case Band = 'band';
    case Loop = 'loop';
    case Dumbbell = 'dumbbell';
    case Kettlebell = 'kettlebell';
    case Plate = 'plate';
    case Barbell = 'barbell';
    case CornerBar = 'corner-bar';
    case Ball = 'ball';
    case Wheel = 'wheel';
    case Strap = 'strap';
    case MedicineBall = 'medicine-ball';
    case Bar = 'bar';
    case AnkleWeight = 'ankle-weight';
    case Dowel = 'dowel';
    case Pad = 'pad';
}
