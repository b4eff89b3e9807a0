<?php

declare(strict_types=1);

namespace App\Http\Review;

/** What was decided, a page of it. */
final readonly class DecisionsView
{
    /**
     * @param list<DecisionView> $decisions newest first
     * @param string|null        $older     what to ask for after these; null when there are no more
     */
    public function __construct(
        public array $decisions,
        public ?string $older,
    ) {}
}
