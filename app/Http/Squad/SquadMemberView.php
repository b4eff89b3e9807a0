<?php

declare(strict_types=1);

namespace App\Http\Squad;

use App\Http\Shared\ReasonView;

/** One of a squad. */
final readonly class SquadMemberView
{
    /**
     * @param bool                 $here     today
     * @param int|null             $start    station they begin at, from 0; null where they do not train today
     * @param list<int>            $way      stations in the order they come to them, again in each round; none where they do not train today
     * @param string|null          $closed   why training is closed to them
     * @param string|null          $session  what was written for them, if it was
     * @param string|null          $toldOn   the last day of which it is told what they did in it: whether that is today is for the device to say, whose day may be another
     * @param int                  $highestEffort more than that is too hard
     * @param list<SquadPlaceView> $places   by station
     * @param list<ReasonView>     $cautions of their session
     */
    public function __construct(
        public string $person,
        public string $name,
        public bool $here,
        public ?int $start,
        public array $way,
        public ?string $closed,
        public ?string $session,
        public ?string $toldOn,
        public int $highestEffort,
        public array $places,
        public array $cautions,
    ) {}
}
