<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Home\HomeNote;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\WeekRepair;

/** A session of a week that somebody asked from home to put off. */
final readonly class Asked
{
    /** @param WeekRepair|null $move null where no later day of the week is free: it is left out of it */
    public function __construct(public HomeNote $note, public CoreSlot $slot, public ?WeekRepair $move) {}
}
