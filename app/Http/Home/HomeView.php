<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Http\Shared\ChoiceView;
use App\Http\Shared\MorningQuestionView;
use App\Http\Shared\PainPlaceView;

/** What a person sees of their own training: no notes, no limits, nobody else. */
final readonly class HomeView
{
    /**
     * @param string                $name     of the person
     * @param string                $today    date
     * @param string                $owner    under which their device keeps what it could not send
     * @param string|null           $closed   why nothing is trained; null where it is open
     * @param HomeSessionView|null  $now      the session at hand
     * @param list<HomeSessionView> $week     what is planned this week, in order of time
     * @param list<ChoiceView>      $signs    what ends training at once
     * @param MorningQuestionView|null $morning that was not asked for yet
     * @param list<PainPlaceView>   $painPlaces where it can hurt
     * @param int                   $painStopsAbove pain above this stops an exercise
     * @param list<HomeClimbView>   $climbs   the newest first
     * @param HomeEvennessView|null $evenness null while nobody was placed
     * @param list<ChoiceView>      $notToday why a session may be put off
     * @param list<HomeAnswerView>  $answers  words of the trainer, the newest first
     * @param list<string>          $news     what the stages of the sheet say that came these days
     * @param list<ChoiceView>      $terms    words of the trade in plain ones
     * @param bool                  $isWritten whether messages are sent to this person
     */
    public function __construct(
        public string $name,
        public string $person,
        public string $practice,
        public string $today,
        public string $owner,
        public ?string $closed,
        public ?HomeSessionView $now,
        public array $week,
        public array $signs,
        public ?MorningQuestionView $morning,
        public array $painPlaces,
        public int $painStopsAbove,
        public array $climbs,
        public ?HomeEvennessView $evenness,
        public array $notToday,
        public array $answers,
        public array $news,
        public array $terms,
        public bool $isWritten,
    ) {}
}
