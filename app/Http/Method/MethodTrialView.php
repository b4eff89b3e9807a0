<?php

declare(strict_types=1);

namespace App\Http\Method;

/** A real session under every choice of the method. */
final readonly class MethodTrialView
{
    /**
     * @param string                  $name      of the person
     * @param string                  $text      the session as it is now, as lines of text
     * @param list<QuestionTrialView> $questions
     */
    public function __construct(
        public string $name,
        public string $title,
        public string $totalText,
        public string $text,
        public array $questions,
    ) {}
}
