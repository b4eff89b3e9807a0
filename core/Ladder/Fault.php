<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Figure\FaultKind;

/** A fault to see, and what mends it. */
final readonly class Fault
{
    /** @param FaultKind|null $kind how it is drawn; null where it cannot be seen in a still: breath, tension, haste, a grip */
    public function __construct(public string $seen, public string $fix, public ?FaultKind $kind = null) {}
}
