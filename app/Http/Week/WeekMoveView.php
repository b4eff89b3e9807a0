<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Api\OneOf;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;
use OpenApi\Attributes as OA;

/** A core session that is different in one week: elsewhere, lighter, or left out of it. */
#[OA\Schema]
final readonly class WeekMoveView
{
    public function __construct(
        #[OA\Property]
        public string $slot,
        #[OA\Property]
        public string $monday,
        #[OA\Property(description: 'null: left out that week', nullable: true)]
        public ?int $day,
        #[OneOf(DayPart::class, nullable: true)]
        public ?string $part,
        #[OneOf(SessionRole::class, nullable: true)]
        public ?string $placement,
        #[OA\Property(nullable: true)]
        public ?int $effort,
    ) {}
}
