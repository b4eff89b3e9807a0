<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Http\Shared\ReasonView;

/** A program: weeks across, ladders down. */
final readonly class ProgramView
{
    /**
     * @param list<ProgramWeekView> $weeks
     * @param list<StaveView>       $staves
     * @param list<ReasonView>      $notes
     * @param list<string>          $mondays of the weeks that differ from the program that holds
     */
    public function __construct(
        public array $weeks,
        public array $staves,
        public array $notes,
        public array $mondays,
    ) {}
}
