<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** A question of the method, and what its answer does to the board. */
#[OA\Schema]
final readonly class MethodQuestionView
{
    /**
     * @param list<string> $choices the default first
     */
    public function __construct(
        #[OA\Property]
        public string $question,
        #[OA\Property]
        public string $label,
        #[ListOf('string')]
        public array $choices,
        #[OA\Property]
        public string $chosen,
        #[OA\Property]
        public string $effect,
    ) {}
}
