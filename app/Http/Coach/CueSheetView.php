<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\AlsoToldView;
use App\Http\Shared\ChoiceView;
use App\Http\Shared\MorningQuestionView;
use App\Http\Shared\PainPlaceView;
use App\Http\Shared\ReasonView;
use EvenRungs\Session\CueBlock;
use EvenRungs\Session\CueStep;

/** What the player plays, in pieces it strings together, with what it asks first. */
final readonly class CueSheetView
{
    /**
     * @param list<CueBlock>            $blocks
     * @param list<CueStep>             $steps       the sets in the order written
     * @param list<CueWayView>          $ways        of every exercise, as written first
     * @param list<list<int>>           $changeOvers seconds from each way to each other one, in the order of the ways
     * @param list<string>              $cautions    of limits; on the person's own page what is less than was written
     * @param list<ReasonView>          $leftOut what of the session a limit, missing kit or a decision that waits keeps from it
     * @param list<ReasonView>          $movedOn what has moved on since it was written
     * @param MorningQuestionView|null  $morning    that was not asked for yet
     * @param list<PainPlaceView>       $painPlaces where it can hurt
     * @param list<ChoiceView>          $feltPlaces where it can be felt, the right one first
     * @param list<ChoiceView>          $endReasons why it can end before the last set
     * @param list<AlsoToldView>        $underWay trainings of this session that devices tell of today and that have not ended
     * @param int|null                  $picks so many exercises the person picks; null for all
     * @param int $painStopsAbove pain above this stops the exercise
     * @param ReasonView|null           $activationOnly why only activation is done today: a sore trunk
     */
    public function __construct(
        public string $session,
        public string $title,
        public string $totalText,
        public array $blocks,
        public array $steps,
        public array $ways,
        public array $changeOvers,
        public array $cautions,
        public array $leftOut,
        public array $movedOn,
        public ?MorningQuestionView $morning,
        public array $painPlaces,
        public array $feltPlaces,
        public array $endReasons,
        public array $underWay,
        public ?ReasonView $activationOnly,
        public int $painStopsAbove,
        public ?int $picks,
    ) {}
}
