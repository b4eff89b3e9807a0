<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Api\ListOf;
use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** A rung that is not open to the person, on one side or at all, and what fits in its place. */
#[OA\Schema]
final readonly class ClosedRungView
{
    /**
     * @param list<ReasonView>     $reasons
     * @param list<SubstituteView> $substitutes nearest first
     */
    public function __construct(
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public bool $openLeft,
        #[OA\Property]
        public bool $openRight,
        #[OA\Property(description: 'the method does not use it')]
        public bool $putAway,
        #[ListOf(ReasonView::class)]
        public array $reasons,
        #[ListOf(SubstituteView::class)]
        public array $substitutes,
    ) {}
}
