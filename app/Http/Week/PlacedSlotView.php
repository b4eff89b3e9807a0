<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Api\OneOf;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;
use OpenApi\Attributes as OA;

/** A core session as it stands in the week at hand. */
#[OA\Schema]
final readonly class PlacedSlotView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $session,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public int $day,
        #[OneOf(DayPart::class)]
        public string $part,
        #[OneOf(SessionRole::class)]
        public string $placement,
        #[OA\Property]
        public int $effort,
        #[OA\Property]
        public string $clock,
        #[OA\Property(description: 'elsewhere than in every week')]
        public bool $moved,
        #[OA\Property(enum: ['planned', 'today', 'done', 'missed', 'away', 'left-out'])]
        public string $state,
        #[OA\Property(description: 'the date it was done', nullable: true)]
        public ?string $doneOn,
    ) {}
}
