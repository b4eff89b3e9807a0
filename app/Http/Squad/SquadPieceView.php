<?php

declare(strict_types=1);

namespace App\Http\Squad;

use EvenRungs\Body\Side;
use EvenRungs\Session\TimeKind;

/** A stretch of what somebody does at a station. */
final readonly class SquadPieceView
{
    public function __construct(public TimeKind $stretch, public int $seconds, public Side $side) {}
}
