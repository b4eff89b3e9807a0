<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Rung;

/** Where a climb test ended: on its last clean rung, or on none. */
final readonly class Climbed
{
    public function __construct(public string $ladder, public ?Rung $working, public Side $side, public string $sentence, public Day $day, public int $sequence) {}
}
