<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

/** A mark on a picture, in its pixels: x to the right, y down. */
final readonly class Point
{
    public function __construct(public float $x, public float $y) {}

    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    /** The angle between the ways to two others, 0 to 180 degrees; 180 is a straight line through this point. */
    public function angleBetween(self $one, self $other): float
    {
        $angle = rad2deg(atan2($one->y - $this->y, $one->x - $this->x) - atan2($other->y - $this->y, $other->x - $this->x));
        $angle = fmod(abs($angle), 360);

        return $angle > 180 ? 360 - $angle : $angle;
    }

    /** How far along the way from one point to another this one lies: 0 at the first, 1 at the second. */
    public function along(self $from, self $to): float
    {
        $length = $from->distanceTo($to);

        return (($this->x - $from->x) * ($to->x - $from->x) + ($this->y - $from->y) * ($to->y - $from->y)) / ($length * $length);
    }

    /** Pixels this point lies below the line through two others, seen upright in the picture; negative when above. */
    public function below(self $from, self $to): float
    {
        $length = $from->distanceTo($to);
        // Positive on the side the picture's down points to, whichever way round the line was drawn.
        $cross = (($to->x - $from->x) * ($this->y - $from->y) - ($to->y - $from->y) * ($this->x - $from->x)) / $length;

        return $to->x >= $from->x ? $cross : -$cross;
    }
}
