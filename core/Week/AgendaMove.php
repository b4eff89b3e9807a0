<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Calendar\Day;

/** One happening of a weekly entry at another time than usual. */
final readonly class AgendaMove
{
    /** @param int $startMinute after midnight */
    public function __construct(public Day $usually, public Day $on, public int $startMinute) {}
}
