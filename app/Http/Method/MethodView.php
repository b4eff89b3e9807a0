<?php

declare(strict_types=1);

namespace App\Http\Method;

use EvenRungs\Method\MethodLevel;

/** The school of a practice, a trainer, a person or a program. */
final readonly class MethodView
{
    /**
     * @param string                   $name      of the practice, the trainer or the person
     * @param string|null              $closed    why nothing can be answered at this level now
     * @param list<MethodQuestionView> $questions
     */
    public function __construct(
        public MethodLevel $level,
        public string $name,
        public int $version,
        public ?string $closed,
        public array $questions,
    ) {}
}
