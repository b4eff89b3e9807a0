<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** The whole board under other limits or kit, before they are saved. */
#[OA\Schema]
final readonly class BoardChangeView
{
    /**
     * @param list<LimitEffectView> $changes working rungs that are no longer open
     * @param list<string>          $leftOpen short names of demands of which no rung is left
     */
    public function __construct(
        #[OA\Property]
        public string $sentence,
        #[OA\Property(description: 'rungs that close')]
        public int $closing,
        #[OA\Property(description: 'rungs that open')]
        public int $opening,
        #[ListOf(LimitEffectView::class)]
        public array $changes,
        #[ListOf('string')]
        public array $leftOpen,
    ) {}
}
