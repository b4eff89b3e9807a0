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
     * @param list<MorningQuestionView> $mornings
     */
    public function __construct(
        public array $pending,
        public array $decisions,
        public ?string $older,
        public array $mornings,
        public LoadView $load,
    ) {}
}
