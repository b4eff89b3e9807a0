<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\ChoiceView;
use EvenRungs\Figure\Figure;
use EvenRungs\Ladder\Fault;

/** What the player needs to know of an exercise. */
final readonly class CueItemView
{
    /**
     * @param 'reps'|'seconds'|'metres' $unit
     * @param list<int>                 $targets   what each set asks for, per side where sides count apart
     * @param list<'both'|'each'|'left'|'right'> $sides what is told of each set: both at once, each side, or the one that works
     * @param list<string>              $cues
     * @param list<Fault>           $faults
     * @param string                    $setUp     the person’s own set-up; empty for none
     * @param list<ChoiceView>          $questions form check, in the order asked
     * @param string                    $felt      where it should be felt
     * @param list<ChoiceView>          $places    where it can be felt, the right one first
     */
    public function __construct(
        public string $id,
        public string $rung,
        public string $name,
        public string $dose,
        public string $doseText,
        public int $sets,
        public string $unit,
        public array $targets,
        public array $sides,
        public array $cues,
        public array $faults,
        public string $fallback,
        public string $setUp,
        public ?string $easier,
        public array $questions,
        public string $felt,
        public array $places,
        public Figure $figure,
    ) {}
}
