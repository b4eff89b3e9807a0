<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Api\ListOf;
use App\Http\Shared\MorningQuestionView;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ReviewView
{
    /**
     * @param list<PendingView>         $pending
     * @param list<DecisionView>        $decisions newest first
     * @param list<MorningQuestionView> $mornings
     */
    public function __construct(
        #[ListOf(PendingView::class)]
        public array $pending,
        #[ListOf(DecisionView::class)]
        public array $decisions,
        #[ListOf(MorningQuestionView::class)]
        public array $mornings,
        #[OA\Property]
        public LoadView $load,
    ) {}
}
