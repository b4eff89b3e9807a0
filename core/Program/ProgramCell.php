<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Dose\Dose;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;

/** One ladder in one week: the rung and the dose, and why. */
final readonly class ProgramCell
{
    /** @param bool $isMost no set is added to the dose */
    public function __construct(public Rung $rung, public Dose $dose, public bool $locked, public Reason $reason, public bool $isMost = false) {}
}
