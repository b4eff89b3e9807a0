<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

use EvenRungs\Body\Side;

/** One of the angles of a joint. */
final readonly class Hinge
{
    /**
     * @param 0|1|2 $axis of the part it turns, when standing
     * @param 1|-1  $sign of a turn against the clock, on the left
     * @param int   $min  degrees
     * @param int   $max  degrees
     */
    public function __construct(public string $name, public int $axis, public int $sign, public int $min, public int $max) {}

    /** Seen in a mirror only flexion keeps its sense. */
    public function signOn(Side $side): int
    {
        return $side === Side::Right && $this->axis !== 1 ? -$this->sign : $this->sign;
    }
}
