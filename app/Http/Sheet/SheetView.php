<?php

declare(strict_types=1);

namespace App\Http\Sheet;

use App\Http\Shared\ReasonView;

/** The page handed over to the person. */
final readonly class SheetView
{
    /**
     * @param list<SheetItemView> $items
     * @param list<string>        $circuits how each circuit is done
     * @param list<string>        $cautions
     * @param list<ReasonView>    $leftOut  what of the session a limit or missing kit keeps from the sheet
     * @param int                 $days      of training in a week
     * @param string              $stop      when to stop
     * @param string              $picksText how many the person picks; empty where all are done
     */
    public function __construct(
        public string $person,
        public string $title,
        public string $date,
        public string $totalText,
        public string $daysText,
        public array $items,
        public array $circuits,
        public array $cautions,
        public array $leftOut,
        public string $picksText,
        public int $days,
        public string $stop,
    ) {}
}
