<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Api\OneOf;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;
use OpenApi\Attributes as OA;

/** A core session of every week. */
#[OA\Schema]
final readonly class CoreSlotView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $session,
        #[OA\Property(description: '1 Monday to 7 Sunday')]
        public int $day,
        #[OneOf(DayPart::class)]
        public string $part,
        #[OneOf(SessionRole::class)]
        public string $placement,
        #[OA\Property(description: 'planned, 0 to 10')]
        public int $effort,
        #[OA\Property(description: 'Monday of the one week it is for; null for every week', nullable: true)]
        public ?string $only = null,
    ) {}
}
