<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** A ladder as it stands for one person. */
#[OA\Schema]
final readonly class LadderView
{
    /**
     * @param list<ClosedRungView> $closed rungs that are not open on both sides
     * @param list<PositionView>      $stands none, one, or left and right
     * @param list<StoodView>      $ghosts where they differ from today
     */
    public function __construct(
        #[OA\Property]
        public string $slug,
        #[ListOf(ClosedRungView::class)]
        public array $closed,
        #[ListOf(PositionView::class)]
        public array $stands,
        #[ListOf(StoodView::class)]
        public array $ghosts,
        #[OA\Property(description: 'the method uses none of its rungs')]
        public bool $putAway,
    ) {}
}
