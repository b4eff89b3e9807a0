<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Api\OneOf;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\WeekEdit;
use OpenApi\Attributes as OA;

/** A core session as it is after a repair. */
#[OA\Schema]
final readonly class WeekEditView
{
    public function __construct(
        #[OA\Property]
        public string $slot,
        #[OA\Property(description: 'one more of the same session')]
        public bool $isNew,
        #[OA\Property]
        public int $day,
        #[OneOf(DayPart::class)]
        public string $part,
        #[OneOf(SessionRole::class)]
        public string $placement,
        #[OA\Property]
        public int $effort,
    ) {}

    public static function of(WeekEdit $edit): self
    {
        return new self($edit->slot, $edit->isNew, $edit->cell->day, $edit->cell->part->value, $edit->placement->value, $edit->effort);
    }
}
