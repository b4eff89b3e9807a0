<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Api\ListOf;
use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** A program: weeks across, ladders down. */
#[OA\Schema]
final readonly class ProgramView
{
    /**
     * @param list<ProgramWeekView> $weeks
     * @param list<StaveView>       $staves
     * @param list<ReasonView>      $notes
     * @param list<string>          $mondays of the weeks that differ from the program that holds
     */
    public function __construct(
        #[ListOf(ProgramWeekView::class)]
        public array $weeks,
        #[ListOf(StaveView::class)]
        public array $staves,
        #[ListOf(ReasonView::class)]
        public array $notes,
        #[ListOf('string')]
        public array $mondays,
    ) {}
}
