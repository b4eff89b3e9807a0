<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Calendar\Day;

/** A core session as it is placed: in every week, or in one. */
final readonly class PlannedSlot
{
    /**
     * @param string   $session the written session
     * @param int      $effort  planned, 0 to 10
     * @param Day|null $only    Monday of the one week it is for; null for every week
     * @param Day      $since   the date it was placed: it does not happen before
     */
    public function __construct(public string $id, public string $session, public Cell $cell, public SessionRole $role, public int $effort, public ?Day $only, public Day $since) {}

    public function happensIn(Day $monday): bool
    {
        return $this->only === null || $this->only->equals($monday);
    }
}
