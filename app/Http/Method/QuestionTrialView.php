<?php

declare(strict_types=1);

namespace App\Http\Method;

final readonly class QuestionTrialView
{
    /** @param list<ChoiceTrialView> $choices */
    public function __construct(
        public string $question,
        public array $choices,
    ) {}
}
