<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Body\Side;
use EvenRungs\Ladder\Rung;

/** Where a person stands on a ladder: one working rung, for one side or for both. */
final readonly class Position
{
    public function __construct(public Rung $rung, public Side $side) {}
}
