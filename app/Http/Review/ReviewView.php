<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Http\Shared\MorningQuestionView;

final readonly class ReviewView
{
    /**
     * @param list<PendingView>         $pending
     * @param list<DecisionView>        $decisions newest first
     * @param list<MorningQuestionView> $mornings
     */
    public function __construct(
        public array $pending,
        public array $decisions,
        public array $mornings,
        public LoadView $load,
    ) {}
}
