<?php

declare(strict_types=1);

namespace App\Http\Squad;

use App\Http\Shared\ReasonView;

/** What one of a squad does at a station. */
final readonly class SquadPlaceView
{
    /**
     * @param string           $id          of the exercise in the written session; empty where they rest
     * @param string|null      $rung        null where they rest
     * @param string           $dose        as it is written
     * @param int              $work        seconds in which they work
     * @param string           $words       how these are spent, as “45 s: 20 s each side, right first”
     * @param list<SquadPieceView> $pieces      of one time at the station
     * @param list<int>        $targets     what each set asks for, per side where sides count apart
     * @param list<'both'|'each'|'left'|'right'> $sides what is told of each set
     * @param list<string>     $cues
     * @param string           $easier      the easier version, in words
     * @param list<SquadPlaceView> $versions that may take the rest of it where form is lost; of each `easier` says what makes it so
     * @param list<string>     $questions   of the form check
     * @param string           $setUp       the person’s own
     * @param list<string>     $loads       places it asks something of, where it may hurt
     * @param list<ReasonView> $notes       what stands in for what, what is shorter, and why
     */
    public function __construct(
        public string $id,
        public ?string $rung,
        public string $name,
        public string $height,
        public string $dose,
        public int $work,
        public string $words,
        public array $pieces,
        public array $targets,
        public array $sides,
        public array $cues,
        public string $easier,
        public array $versions,
        public array $questions,
        public string $setUp,
        public array $loads,
        public array $notes,
    ) {}
}
