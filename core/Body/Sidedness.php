<?php

declare(strict_types=1);

namespace EvenRungs\Body;

/** How the two sides of the body share a rung. */
enum Sidedness: string
{
    /** Left and right work at once. */
    case Both = 'both';
    /** One side's whole set, a side change, then the other side's. */
    case OneSided = 'one-sided';
    /** Left and right in turn within the set. */
    case Alternating = 'alternating';

    public function countsEachSide(): bool
    {
        return $this !== self::Both;
    }
}
