<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class BlockView
{
    /**
     * @param list<ItemView> $items
     * @param list<int>      $gapSeconds
     */
    public function __construct(
        #[OA\Property(enum: ['straight', 'circuit'])]
        public string $kind,
        #[ListOf(ItemView::class)]
        public array $items,
        #[ListOf('integer')]
        public array $gapSeconds,
        #[OA\Property]
        public int $roundRestSeconds,
        #[OA\Property]
        public int $rounds,
        #[OA\Property(ref: '#/components/schemas/TotalsView', nullable: true)]
        public ?TotalsView $totals,
    ) {}
}
