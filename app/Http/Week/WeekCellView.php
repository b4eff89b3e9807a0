<?php

declare(strict_types=1);

namespace App\Http\Week;

use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use OpenApi\Attributes as OA;

/** A part of a day. */
#[OA\Schema]
final readonly class WeekCellView
{
    public function __construct(
        public int $day,
        public DayPart $part,
    ) {}

    public static function of(Cell $cell): self
    {
        return new self(day: $cell->day, part: $cell->part);
    }
}
