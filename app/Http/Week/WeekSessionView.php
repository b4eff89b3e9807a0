<?php

declare(strict_types=1);

namespace App\Http\Week;

use OpenApi\Attributes as OA;

/** A session that can be placed, and where it would fit best. */
#[OA\Schema]
final readonly class WeekSessionView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $clock,
        #[OA\Property(ref: '#/components/schemas/CoreSlotView', nullable: true)]
        public ?CoreSlotView $fits,
    ) {}
}
