<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Http\Shared\ReasonView;

/** One ladder in one week of a program. */
final readonly class ProgramCellView
{
    /**
     * @param string      $monday   Monday of the week
     * @param int         $week     number of the week in the wish that is edited; 0 where nothing can be asked for
     * @param int         $tenths   height in tenths
     * @param string      $dose     typed line
     * @param string      $oneSet   the same without its sets
     * @param int         $sets     in all sessions of the week
     * @param bool        $climbs   the rung is another than the week before
     * @param string      $change   what is different from the program that holds; empty when nothing
     * @param int|null    $setsDone sets done in a week that has begun; null before
     * @param string|null $doneOn   the rung they were done on, when it is another
     * @param ReasonView|null $reason  of rung and dose; of the program that holds it is asked for by itself, as is that of the sets
     */
    public function __construct(
        public string $monday,
        public int $week,
        public string $rung,
        public string $rungName,
        public string $shortName,
        public int $tenths,
        public string $dose,
        public string $oneSet,
        public string $doseWords,
        public int $sets,
        public bool $locked,
        public bool $climbs,
        public string $change,
        public ?int $setsDone,
        public ?string $doneOn,
        public ?ReasonView $reason,
        public ?ReasonView $whySets,
    ) {}
}
