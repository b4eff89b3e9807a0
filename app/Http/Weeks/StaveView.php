<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** A ladder over the weeks of a program. */
#[OA\Schema]
final readonly class StaveView
{
    /**
     * @param list<ProgramCellView>  $cells in order of time
     * @param list<GateForecastView> $gates
     * @param list<RungChoiceView>   $rungs open to the person, lowest first
     */
    public function __construct(
        #[OA\Property]
        public string $ladder,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $demand,
        #[OA\Property]
        public string $demandName,
        #[ListOf(ProgramCellView::class)]
        public array $cells,
        #[ListOf(GateForecastView::class)]
        public array $gates,
        #[ListOf(RungChoiceView::class)]
        public array $rungs,
    ) {}
}
