<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** How much of its way a movement goes. Values are stored in dose lines: never renamed. */
enum RangePart: string
{
    case Third = 'third';
    case Half = 'half';
    case Whole = 'whole';

    /** The shortest first. */
    public function place(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
