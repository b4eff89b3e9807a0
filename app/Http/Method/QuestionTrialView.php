<?php

declare(strict_types=1);

namespace App\Http\Method;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class QuestionTrialView
{
    /** @param list<ChoiceTrialView> $choices */
    public function __construct(
        public string $question,
        public array $choices,
    ) {}
}
