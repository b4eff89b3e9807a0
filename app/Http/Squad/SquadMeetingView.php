<?php

declare(strict_types=1);

namespace App\Http\Squad;

use EvenRungs\Week\DayPart;

/** When a squad meets, in every week. */
final readonly class SquadMeetingView
{
    /**
     * @param int          $day     1 Monday to 7 Sunday
     * @param string|null  $time    it starts at, such as 17:30
     * @param int          $effort  planned, 0 to 10
     * @param string       $text    such as Tuesday at 17:30
     * @param list<string> $without names of those in whose week it does not stand then
     */
    public function __construct(public int $day, public DayPart $part, public ?string $time, public int $effort, public string $text, public array $without) {}
}
