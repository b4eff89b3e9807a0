<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;

/** A place for a core session in each week of a program. */
final readonly class RequestedSlotView
{
    /**
     * @param int $day    1 Monday to 7 Sunday
     * @param int $effort planned, 0 to 10
     */
    public function __construct(
        public string $id,
        public int $day,
        public DayPart $part,
        public SessionRole $placement,
        public int $minutes,
        public int $effort,
    ) {}
}
