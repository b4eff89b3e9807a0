<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\ChoiceView;
use EvenRungs\Figure\Figure;
use EvenRungs\Ladder\DrawnFault;
use EvenRungs\Ladder\Fault;
use EvenRungs\Progress\Felt;
use EvenRungs\Session\Cue;

/** What the player needs to know of an exercise done in one way: as written, or in an easier version. */
final readonly class CueWayView
{
    /**
     * @param string                    $key       tells it from the other ways of the exercise
     * @param string|null               $easier    what makes it easier; null as written
     * @param int                       $optional  sets on top, while the last was clean
     * @param list<list<Cue>>           $pieces    the cues of each set, then of each optional one
     * @param list<string>              $loads     places it asks something of, where pain may be told
     * @param int|null                  $lastEffort told of this rung last; offered, never taken for granted
     * @param Felt|null                 $lastFelt  where it was felt last
     * @param 'reps'|'seconds'|'metres' $unit
     * @param list<int>                 $targets   what each set asks for, per side where sides count apart; an open one its cap
     * @param list<'both'|'each'|'left'|'right'> $sides what is told of each set: both at once, each side, or the one that works
     * @param list<string>              $cues
     * @param string                    $check     how it is checked by touch, prop or photo
     * @param list<Fault>           $faults
     * @param string                    $setUp     the person’s own set-up; empty for none
     * @param list<ChoiceView>          $questions form check, in the order asked
     * @param string                    $felt      where it should be felt
     */
    public function __construct(
        public string $id,
        public string $key,
        public ?string $easier,
        public string $rung,
        public string $name,
        public string $dose,
        public string $doseText,
        public int $sets,
        public int $optional,
        public int $restSeconds,
        public array $pieces,
        public string $unit,
        public array $targets,
        public array $sides,
        public array $cues,
        public string $check,
        public array $faults,
        public string $fallback,
        public string $setUp,
        public array $questions,
        public string $felt,
        public Figure $figure,
        public ?DrawnFault $fault,
        public array $loads,
        public ?int $lastEffort,
        public ?Felt $lastFelt,
    ) {}
}
