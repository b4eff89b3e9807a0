<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Api\OneOf;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\OtherTraining;
use EvenRungs\Week\TrainingKind;
use OpenApi\Attributes as OA;

/** What else fills the person's week, on one day. */
#[OA\Schema]
final readonly class OtherTrainingView
{
    public function __construct(
        #[OneOf(TrainingKind::class)]
        public string $what,
        #[OA\Property]
        public bool $heavy,
        #[OA\Property(description: '1 Monday to 7 Sunday')]
        public int $day,
        #[OneOf(DayPart::class)]
        public string $part,
        #[OA\Property(description: 'how many weeks lie from one to the next')]
        public int $every = 1,
        #[OA\Property(description: 'a date in a week in which it happens, where it is not every week')]
        public ?string $from = null,
    ) {}

    public static function of(OtherTraining $other): self
    {
        return new self($other->kind->value, $other->heavy, $other->cell->day, $other->cell->part->value, $other->every, $other->from?->iso());
    }
}
