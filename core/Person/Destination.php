<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Dose\Range;
use EvenRungs\Ladder\Rung;

/** Where a decision leads: a rung, or another range of the same one. */
final readonly class Destination
{
    public function __construct(public Rung $rung, public ?Range $range = null) {}
}
