<?php

declare(strict_types=1);

namespace App\Http\Week;

use OpenApi\Attributes as OA;

/** A session that can be placed, and where it would fit best. */
#[OA\Schema]
final readonly class WeekSessionView
{
    public function __construct(
        public string $id,
        public string $title,
        public string $clock,
        public ?CoreSlotView $fits,
    ) {}
}
