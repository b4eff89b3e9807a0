<?php

declare(strict_types=1);

namespace App\Http\Weeks;

/** Why a ladder of the program that holds is what it is. */
final readonly class StaveWhyView
{
    /**
     * @param list<CellWhyView>      $cells week by week
     * @param list<GateForecastView> $gates
     */
    public function __construct(
        public array $cells,
        public array $gates,
    ) {}
}
