<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Http\Shared\ChoiceView;
use EvenRungs\Method\Answer;

/** A question of the method, and what its answer does to the board. */
final readonly class MethodQuestionView
{
    /** @param list<ChoiceView> $choices the default first */
    public function __construct(
        public string $question,
        public string $label,
        public array $choices,
        public Answer $chosen,
        public string $effect,
        public bool $cuesOnly,
    ) {}
}
