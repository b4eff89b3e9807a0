<?php

declare(strict_types=1);

namespace App\Http\Squad;

use EvenRungs\Week\DayPart;

/** When a squad meets, in every week, as it is sent. */
final readonly class SquadMeetingInput
{
    /**
     * @param int         $day    1 Monday to 7 Sunday
     * @param string|null $time   it starts at, such as 17:30; the part of the day follows from it
     * @param int         $effort planned, 0 to 10
     */
    public function __construct(public int $day, public DayPart $part, public ?string $time, public int $effort) {}
}
