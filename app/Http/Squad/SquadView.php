<?php

declare(strict_types=1);

namespace App\Http\Squad;

use App\Http\Shared\PainPlaceView;
use App\Http\Shared\ReasonView;
use EvenRungs\Body\Kit;
use EvenRungs\Squad\Turn;

/** A squad's session: people by stations, and the clock. */
final readonly class SquadView
{
    /**
     * @param int                     $work     seconds at a station
     * @param int                     $change   seconds from one to the next
     * @param int                     $roundRest seconds
     * @param list<Kit>|null          $kit      where they train; null goes by the place of each
     * @param list<SquadMeetingView>  $meets    when, in every week
     * @param string                  $lengthText as 14:30
     * @param list<Turn>              $turns    of the clock
     * @param list<SquadStationView>  $stations
     * @param list<SquadMemberView>   $members  in line
     * @param list<ReasonView>        $notes    what the trainer should know of the stations
     * @param SquadProposalView|null  $proposal what would be begun with today; null where it is this
     * @param list<PainPlaceView>     $painPlaces where it can hurt
     * @param int                     $painStopsAbove what loads a place that hurts more waits for another day
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $version,
        public int $work,
        public int $change,
        public int $rounds,
        public int $roundRest,
        public ?array $kit,
        public array $meets,
        public string $lengthText,
        public array $turns,
        public array $stations,
        public array $members,
        public array $notes,
        public ?SquadProposalView $proposal,
        public array $painPlaces,
        public int $painStopsAbove,
    ) {}
}
