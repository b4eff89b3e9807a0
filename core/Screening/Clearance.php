<?php

declare(strict_types=1);

namespace EvenRungs\Screening;

use EvenRungs\Calendar\Day;

/** A licensed clinician's word that training may go on, from one date until another. */
final readonly class Clearance
{
    public function __construct(public Day $from, public Day $until, public int $sequence) {}

    public function holdsOn(Day $day): bool
    {
        return ! $day->isBefore($this->from) && ! $this->until->isBefore($day);
    }
}
