<?php

declare(strict_types=1);

namespace App\Http\Session;

use EvenRungs\Session\Totals;

/** Where the seconds go; work + rest + changeOver = total. */
final readonly class TotalsView
{
    public function __construct(
        public int $work,
        public int $rest,
        public int $changeOver,
        public int $total,
        public string $totalText,
        public string $workText,
        public string $restText,
        public string $changeOverText,
        public int $densityPercent,
    ) {}

    public static function of(Totals $totals): self
    {
        return new self(
            work: $totals->work,
            rest: $totals->rest,
            changeOver: $totals->changeOver,
            total: $totals->total(),
            totalText: Totals::clock($totals->total()),
            workText: Totals::clock($totals->work),
            restText: Totals::clock($totals->rest),
            changeOverText: Totals::clock($totals->changeOver),
            densityPercent: $totals->densityPercent(),
        );
    }
}
