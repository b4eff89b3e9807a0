<?php

declare(strict_types=1);

namespace App\Records;

use EvenRungs\Body\Side;
use EvenRungs\Ladder\Rung;

/** Where a person stands on one ladder, on one side or both: the placing it rests on and its rung. */
final readonly class Standpoint
{
    public function __construct(public Placed $placement, public Rung $rung, public Side $side) {}
}
