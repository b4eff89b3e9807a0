<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** The practice’s own school. */
#[OA\Schema]
final readonly class MethodView
{
    /**
     * @param list<MethodQuestionView> $questions
     */
    public function __construct(
        #[OA\Property]
        public int $version,
        #[ListOf(MethodQuestionView::class)]
        public array $questions,
    ) {}
}
