<?php

declare(strict_types=1);

namespace EvenRungs\Week;

enum DayPart: string
{
    case Morning = 'morning';
    case Midday = 'midday';
    case Evening = 'evening';
}
