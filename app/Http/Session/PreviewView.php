<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\KindMixView;
use App\Http\Shared\ReasonView;
use EvenRungs\Balance\Mix;

/** What a session comes to, computed by the core. Exercises whose dose cannot be read are left out of the sums. */
final readonly class PreviewView
{
    /**
     * @param list<BlockView>   $blocks
     * @param list<SegmentView> $segments
     * @param list<ShareView>   $shares
     * @param int               $agreement    tenths of a per cent
     * @param list<Mix>     $mix
     * @param string            $lengthText   of all of it; of one to pick from, of the shortest choice and the longest
     * @param bool              $isOver       longer than its minutes, by the longest choice
     * @param string            $reachesText length of what reaches sheet and player; empty where nothing is left out
     * @param string            $optionalText what optional sets add, counted apart; empty when there are none
     * @param list<WarningView> $warnings
     * @param list<QualityView> $qualities what the doses train, and how much of the work; one dose may train several
     * @param KindMixView|null  $kinds    where the aim has a target for them
     */
    public function __construct(
        public bool $complete,
        public array $blocks,
        public TotalsView $totals,
        public string $lengthText,
        public bool $isOver,
        public int $targetSeconds,
        public string $targetText,
        public array $segments,
        public array $shares,
        public int $agreement,
        public ReasonView $sharesReason,
        public ReasonView $clockReason,
        public array $mix,
        public string $reachesText,
        public string $optionalText,
        public array $warnings,
        public array $qualities,
        public ?KindMixView $kinds,
    ) {}
}
