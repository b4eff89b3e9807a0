<?php

declare(strict_types=1);

namespace App\Http\Week;

use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;

/** A core session of every week. */
final readonly class CoreSlotView
{
    /**
     * @param int         $day    1 Monday to 7 Sunday
     * @param int         $effort planned, 0 to 10
     * @param string|null $only   Monday of the one week it is for; null for every week
     * @param string|null $time   it starts at, such as 17:30; null where only the part of the day is planned
     */
    public function __construct(
        public string $id,
        public string $session,
        public int $day,
        public DayPart $part,
        public SessionRole $placement,
        public int $effort,
        public ?string $only = null,
        public ?string $time = null,
    ) {}
}
