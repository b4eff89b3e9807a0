<?php

declare(strict_types=1);

namespace App\Http\Session;

use EvenRungs\Session\Segment;
use EvenRungs\Session\TimeKind;

/** One stretch of the time strip. */
final readonly class SegmentView
{
    /** @param 'left'|'right'|'both' $side */
    public function __construct(
        public TimeKind $stretch,
        public int $seconds,
        public string $item,
        public string $side,
    ) {}

    public static function of(Segment $segment): self
    {
        return new self(stretch: $segment->stretch, seconds: $segment->seconds, item: $segment->item->id, side: $segment->side->value);
    }
}
