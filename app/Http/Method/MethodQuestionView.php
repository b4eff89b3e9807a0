<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Http\Shared\ChoiceView;
use EvenRungs\Method\Answer;

/** A question of the method, and what its answer does to the board. */
final readonly class MethodQuestionView
{
    /**
     * @param list<ChoiceView> $choices   the default first
     * @param Answer           $chosen    that holds at this level
     * @param Answer|null      $given     at this level itself; null where it is inherited
     * @param string           $inherited what holds without it, and whose it is
     */
    public function __construct(
        public string $question,
        public string $label,
        public array $choices,
        public Answer $chosen,
        public ?Answer $given,
        public string $inherited,
        public string $effect,
        public bool $cuesOnly,
    ) {}
}
