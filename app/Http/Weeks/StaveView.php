<?php

declare(strict_types=1);

namespace App\Http\Weeks;

/** A ladder over the weeks of a program. */
final readonly class StaveView
{
    /**
     * @param list<ProgramCellView>  $cells in order of time
     * @param list<GateForecastView> $gates
     * @param list<RungChoiceView>   $rungs open to the person, lowest first
     */
    public function __construct(
        public string $ladder,
        public string $name,
        public string $demand,
        public string $demandName,
        public array $cells,
        public array $gates,
        public array $rungs,
    ) {}
}
