<?php

declare(strict_types=1);

namespace App\Http\Session;

use EvenRungs\Session\Totals;
use OpenApi\Attributes as OA;

/** Where the seconds go; work + rest + changeOver = total. */
#[OA\Schema]
final readonly class TotalsView
{
    public function __construct(
        #[OA\Property]
        public int $work,
        #[OA\Property]
        public int $rest,
        #[OA\Property]
        public int $changeOver,
        #[OA\Property]
        public int $total,
        #[OA\Property]
        public string $totalText,
        #[OA\Property]
        public string $workText,
        #[OA\Property]
        public string $restText,
        #[OA\Property]
        public string $changeOverText,
        #[OA\Property]
        public int $densityPercent,
    ) {}

    public static function of(Totals $totals): self
    {
        return new self(
            $totals->work,
            $totals->rest,
            $totals->changeOver,
            $totals->total(),
            Totals::clock($totals->total()),
            Totals::clock($totals->work),
            Totals::clock($totals->rest),
            Totals::clock($totals->changeOver),
            $totals->densityPercent(),
        );
    }
}
