<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Api\OneOf;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use OpenApi\Attributes as OA;

/** A part of a day. */
#[OA\Schema]
final readonly class WeekCellView
{
    public function __construct(
        #[OA\Property]
        public int $day,
        #[OneOf(DayPart::class)]
        public string $part,
    ) {}

    public static function of(Cell $cell): self
    {
        return new self($cell->day, $cell->part->value);
    }
}
