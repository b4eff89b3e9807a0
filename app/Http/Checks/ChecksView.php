<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\ListOf;
use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** What was tested, how it compares, and where it says to start. */
#[OA\Schema]
final readonly class ChecksView
{
    /**
     * @param list<HoldTestView>  $holds
     * @param list<ReasonView>    $notes  ratios and side differences
     * @param list<ClimbView>     $climbs newest first
     * @param list<ClimbableView> $ladders
     * @param list<StartView>     $starts weakest first; none while nothing was tested
     * @param list<BraceRowView>  $braces newest first
     * @param list<AlignmentRowView> $alignments newest first
     */
    public function __construct(
        #[ListOf(HoldTestView::class)]
        public array $holds,
        #[ListOf(ReasonView::class)]
        public array $notes,
        #[ListOf(ClimbView::class)]
        public array $climbs,
        #[ListOf(ClimbableView::class)]
        public array $ladders,
        #[ListOf(StartView::class)]
        public array $starts,
        #[ListOf(BraceRowView::class)]
        public array $braces,
        #[ListOf(AlignmentRowView::class)]
        public array $alignments,
        #[OA\Property]
        public BraceBandView $braceBand,
    ) {}
}
