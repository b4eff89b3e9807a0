<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\AlsoToldView;
use App\Http\Shared\MorningQuestionView;
use App\Http\Shared\ReasonView;
use EvenRungs\Session\Cue;

/** What the player plays, with what it asks first. */
final readonly class CueSheetView
{
    /**
     * @param list<Cue>             $cues
     * @param list<CueItemView>         $items
     * @param list<string>              $cautions
     * @param list<ReasonView>          $leftOut what of the session a limit or missing kit keeps from it
     * @param list<MorningQuestionView> $mornings
     * @param list<PainPlaceView>       $painPlaces where it can hurt
     * @param list<AlsoToldView>        $underWay trainings of this session that devices tell of today and that have not ended
     * @param int $painStopsAbove pain above this stops the exercise
     * @param ReasonView|null           $activationOnly why only activation is done today: a sore trunk
     */
    public function __construct(
        public string $session,
        public string $title,
        public string $totalText,
        public array $cues,
        public array $items,
        public array $cautions,
        public array $leftOut,
        public array $mornings,
        public array $painPlaces,
        public array $underWay,
        public ?ReasonView $activationOnly,
        public int $painStopsAbove,
    ) {}
}
