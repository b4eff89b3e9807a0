<?php

declare(strict_types=1);

namespace App\Http\Week;

use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;

/** A core session as it stands in the week at hand. */
final readonly class PlacedSlotView
{
    /**
     * @param bool                                                $moved  elsewhere than in every week
     * @param 'planned'|'today'|'done'|'missed'|'away'|'left-out' $state
     * @param string|null                                         $doneOn the date it was done
     * @param string|null                                         $time   it starts at, such as 17:30
     * @param string|null                                         $squad  that meets then; null where it is the person's own
     */
    public function __construct(
        public string $id,
        public string $session,
        public string $title,
        public int $day,
        public DayPart $part,
        public SessionRole $placement,
        public int $effort,
        public string $clock,
        public bool $moved,
        public string $state,
        public ?string $doneOn,
        public ?string $time,
        public ?string $squad,
    ) {}
}
