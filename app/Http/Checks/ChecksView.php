<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ReasonView;

/** What was tested, how it compares, and where it says to start. */
final readonly class ChecksView
{
    /**
     * @param list<HoldTestView>     $holds
     * @param list<ReasonView>       $notes      ratios and side differences
     * @param list<ClimbView>        $climbs     newest first
     * @param list<ClimbableView>    $ladders
     * @param list<StartView>        $starts     weakest first; none while nothing was tested
     * @param list<ReasonView>       $stays      where the person stays, higher than the tests can say
     * @param list<ReasonView>       $waiting    ladders without a start, since they begin above what was tested
     * @param list<BraceRowView>     $braces     newest first
     * @param list<AlignmentRowView> $alignments newest first
     */
    public function __construct(
        public array $holds,
        public array $notes,
        public array $climbs,
        public array $ladders,
        public array $starts,
        public array $stays,
        public array $waiting,
        public array $braces,
        public array $alignments,
        public BraceBandView $braceBand,
    ) {}
}
