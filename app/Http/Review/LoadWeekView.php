<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Api\ListOf;
use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** Seven days of load. */
#[OA\Schema]
final readonly class LoadWeekView
{
    /** @param list<int> $days load of each day, rounded */
    public function __construct(
        #[OA\Property]
        public string $first,
        #[OA\Property]
        public string $last,
        #[ListOf('integer')]
        public array $days,
        #[OA\Property]
        public int $total,
        #[OA\Property(description: 'empty where every day is the same')]
        public string $monotony,
        #[OA\Property]
        public string $strain,
        #[OA\Property(description: 'sessions without effort or time')]
        public int $unknown,
        #[OA\Property]
        public ReasonView $reason,
    ) {}
}
