<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\OneOf;
use EvenRungs\Session\Segment;
use EvenRungs\Session\TimeKind;
use OpenApi\Attributes as OA;

/** One stretch of the time strip. */
#[OA\Schema]
final readonly class SegmentView
{
    public function __construct(
        #[OneOf(TimeKind::class)]
        public string $stretch,
        #[OA\Property]
        public int $seconds,
        #[OA\Property]
        public string $item,
        #[OA\Property(enum: ['left', 'right', 'both'])]
        public string $side,
    ) {}

    public static function of(Segment $segment): self
    {
        return new self($segment->stretch->value, $segment->seconds, $segment->item->id, $segment->side->value);
    }
}
