<?php

declare(strict_types=1);

namespace App\Http\Method;

/** The practice’s own school. */
final readonly class MethodView
{
    /** @param list<MethodQuestionView> $questions */
    public function __construct(
        public int $version,
        public array $questions,
    ) {}
}
