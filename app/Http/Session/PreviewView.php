<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** What a session comes to, computed by the core. Exercises whose dose cannot be read are left out of the sums. */
#[OA\Schema]
final readonly class PreviewView
{
    /**
     * @param list<BlockView>   $blocks
     * @param list<SegmentView> $segments
     * @param list<ShareView>   $shares
     * @param list<MixView>     $mix
     * @param list<WarningView> $warnings
     */
    public function __construct(
        #[OA\Property]
        public bool $complete,
        #[ListOf(BlockView::class)]
        public array $blocks,
        #[OA\Property]
        public TotalsView $totals,
        #[OA\Property]
        public int $targetSeconds,
        #[OA\Property]
        public string $targetText,
        #[ListOf(SegmentView::class)]
        public array $segments,
        #[ListOf(ShareView::class)]
        public array $shares,
        #[OA\Property(description: 'tenths of a per cent')]
        public int $agreement,
        #[OA\Property]
        public ReasonView $sharesReason,
        #[OA\Property]
        public ReasonView $clockReason,
        #[ListOf(MixView::class)]
        public array $mix,
        #[OA\Property(description: 'what optional sets add, counted apart; empty when there are none')]
        public string $optionalText,
        #[ListOf(WarningView::class)]
        public array $warnings,
    ) {}
}
