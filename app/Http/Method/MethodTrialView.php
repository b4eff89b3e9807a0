<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** A real session under every choice of the method. */
#[OA\Schema]
final readonly class MethodTrialView
{
    /** @param list<QuestionTrialView> $questions */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $totalText,
        #[OA\Property(description: 'the session as it is now, as lines of text')]
        public string $text,
        #[ListOf(QuestionTrialView::class)]
        public array $questions,
    ) {}
}
