<?php

declare(strict_types=1);

namespace EvenRungs\Program;

/** Days a person stood on a rung, and how much higher the next one was when they climbed. */
final readonly class RungTenure
{
    /** @param int $climbedTenths 0 when the stretch did not end in a climb, or has not ended */
    public function __construct(public int $days, public int $climbedTenths) {}
}
