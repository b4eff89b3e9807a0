<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Api\ListOf;
use EvenRungs\Progress\Condition;
use EvenRungs\Progress\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class GateView
{
    /** @param list<ConditionView> $conditions */
    public function __construct(
        #[OA\Property]
        public bool $open,
        #[OA\Property]
        public int $progressPercent,
        #[OA\Property]
        public int $cleanSessions,
        #[OA\Property]
        public int $sessionsNeeded,
        #[ListOf(ConditionView::class)]
        public array $conditions,
    ) {}

    public static function of(Gate $gate): self
    {
        return new self(
            $gate->isOpen(),
            $gate->progressPercent(),
            $gate->cleanSessions,
            $gate->sessionsNeeded,
            array_map(static fn(Condition $condition): ConditionView => new ConditionView($condition->met, ReasonView::of($condition->reason)), $gate->conditions),
        );
    }
}
