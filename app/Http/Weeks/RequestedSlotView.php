<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Api\OneOf;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;
use OpenApi\Attributes as OA;

/** A place for a core session in each week of a program. */
#[OA\Schema]
final readonly class RequestedSlotView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(description: '1 Monday to 7 Sunday')]
        public int $day,
        #[OneOf(DayPart::class)]
        public string $part,
        #[OneOf(SessionRole::class)]
        public string $placement,
        #[OA\Property]
        public int $minutes,
        #[OA\Property(description: 'planned, 0 to 10')]
        public int $effort,
    ) {}
}
