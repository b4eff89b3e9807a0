<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Api\ListOf;
use App\Api\OneOf;
use App\Http\Shared\TempoPartView;
use EvenRungs\Session\TimeKind;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CueView
{
    /** @param list<TempoPartView> $phases */
    public function __construct(
        #[OneOf(TimeKind::class)]
        public string $stretch,
        #[OA\Property]
        public int $seconds,
        #[OA\Property]
        public string $item,
        #[OA\Property]
        public int $set,
        #[OA\Property(enum: ['left', 'right', 'both'])]
        public string $side,
        #[OA\Property]
        public int $target,
        #[OA\Property]
        public int $repetitions,
        #[ListOf(TempoPartView::class)]
        public array $phases,
        #[OA\Property]
        public bool $endsSet,
    ) {}
}
