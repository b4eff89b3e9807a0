<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** What a demand gets in the week. */
#[OA\Schema]
final readonly class WeekDemandView
{
    public function __construct(
        #[OA\Property]
        public string $demand,
        #[OA\Property]
        public string $shortName,
        #[OA\Property(description: 'sessions that meet it')]
        public int $met,
        #[OA\Property(description: 'the least; 0 where no week has to meet it')]
        public int $least,
        #[OA\Property]
        public int $sets,
        #[OA\Property(description: 'time under tension, as 2:30')]
        public string $work,
        #[OA\Property]
        public ReasonView $reason,
    ) {}
}
