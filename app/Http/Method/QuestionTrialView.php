<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class QuestionTrialView
{
    /** @param list<ChoiceTrialView> $choices */
    public function __construct(
        #[OA\Property]
        public string $question,
        #[ListOf(ChoiceTrialView::class)]
        public array $choices,
    ) {}
}
