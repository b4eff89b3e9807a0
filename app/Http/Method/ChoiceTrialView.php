<?php

declare(strict_types=1);

namespace App\Http\Method;

use EvenRungs\Method\Answer;

/** A session under one choice of the method. */
final readonly class ChoiceTrialView
{
    /**
     * @param list<string> $changes what is different from the present method; empty when nothing is
     * @param string       $text    the session as lines of text
     */
    public function __construct(
        public Answer $choice,
        public array $changes,
        public string $totalText,
        public string $text,
    ) {}
}
