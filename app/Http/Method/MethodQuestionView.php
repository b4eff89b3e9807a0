<?php

declare(strict_types=1);

namespace App\Http\Method;

use OpenApi\Attributes as OA;

/** A question of the method, and what its answer does to the board. */
#[OA\Schema]
final readonly class MethodQuestionView
{
    /** @param list<string> $choices the default first */
    public function __construct(
        public string $question,
        public string $label,
        public array $choices,
        public string $chosen,
        public string $effect,
    ) {}
}
