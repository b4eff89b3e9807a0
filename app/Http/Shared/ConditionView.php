<?php

declare(strict_types=1);

namespace App\Http\Shared;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ConditionView
{
    public function __construct(
        #[OA\Property(description: 'null when something was not logged')]
        public ?bool $met,
        #[OA\Property]
        public ReasonView $reason,
    ) {}
}
