<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** Makes the figure of a plan, or knows it from before. */
interface Drawer
{
    public function figure(Plan $plan): Figure;

    /** The same with a fault in it, held. */
    public function fault(Plan $plan, FaultKind $kind): Figure;
}
