<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Http\Shared\MorningQuestionView;

final readonly class ReviewView
{
    /**
     * @param list<PendingView>         $pending
     * @param list<DecisionView>        $decisions the newest
     * @param string|null               $older     what to ask for after these; null when there are no more
     * @param MorningQuestionView|null  $morning  that was not asked for yet
     * @param list<UnsettledView>       $unsettled trainings of which something has to be said first
     * @param MovedOnView|null          $movedOn  what comes next; null while a decision waits
     */
    public function __construct(
        public array $pending,
        public array $decisions,
        public ?string $older,
        public ?MorningQuestionView $morning,
        public array $unsettled,
        public LoadView $load,
        public ?MovedOnView $movedOn,
    ) {}
}
