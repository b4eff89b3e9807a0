<?php

declare(strict_types=1);

namespace App\Http\Library;

use EvenRungs\Ladder\DrawnFault;

/** The faults of one rung that can be drawn: asked for when the rung is opened, since they weigh as much as the ladder. */
final readonly class RungFaultsView
{
    /** @param list<DrawnFault> $faults one of each kind */
    public function __construct(public array $faults) {}
}
