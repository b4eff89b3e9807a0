<?php

declare(strict_types=1);

namespace App\Http\Person;

use OpenApi\Attributes as OA;

/** A step of the ladder of work. */
#[OA\Schema]
final readonly class StepView
{
    public function __construct(
        #[OA\Property(enum: ['person', 'checks', 'board', 'session', 'week', 'weeks', 'sheet', 'coach', 'review'])]
        public string $key,
        #[OA\Property(enum: ['done', 'open', 'attention', 'closed'])]
        public string $state,
        #[OA\Property]
        public int $count,
    ) {}
}
