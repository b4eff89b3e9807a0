<?php

declare(strict_types=1);

namespace App\Http\Method;

use OpenApi\Attributes as OA;

/** The practice’s own school. */
#[OA\Schema]
final readonly class MethodView
{
    /** @param list<MethodQuestionView> $questions */
    public function __construct(
        public int $version,
        public array $questions,
    ) {}
}
