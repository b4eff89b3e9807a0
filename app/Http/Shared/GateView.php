<?php

declare(strict_types=1);

namespace App\Http\Shared;

use EvenRungs\Progress\Condition;
use EvenRungs\Progress\Gate;

final readonly class GateView
{
    /** @param list<ConditionView> $conditions */
    public function __construct(
        public bool $open,
        public int $progressPercent,
        public int $cleanSessions,
        public int $sessionsNeeded,
        public array $conditions,
    ) {}

    public static function of(Gate $gate): self
    {
        return new self(
            open: $gate->isOpen(),
            progressPercent: $gate->progressPercent(),
            cleanSessions: $gate->cleanSessions,
            sessionsNeeded: $gate->sessionsNeeded,
            conditions: array_map(static fn(Condition $condition): ConditionView => new ConditionView(met: $condition->met, reason: ReasonView::of($condition->reason)), $gate->conditions),
        );
    }
}
