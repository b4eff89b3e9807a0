<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Ladder\Substitution;
use EvenRungs\Reason\Reason;

/** A working rung that other circumstances would close, and what fits in its place. */
final readonly class Displaced
{
    /** @param Substitution|null $instead null when nothing fits and the demand stays open */
    public function __construct(public Position $stand, public ?Substitution $instead, public Reason $reason) {}
}
