<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Http\Shared\ReasonView;
use EvenRungs\Load\LoadAhead;
use EvenRungs\Load\LoadReport;
use EvenRungs\Load\WeekLoad;

/** Load of the weeks behind today and of those planned ahead, core work only. */
final readonly class LoadView
{
    /**
     * @param list<LoadWeekView> $weeks oldest first; none when nothing was logged in them
     * @param list<LoadWeekView> $ahead as planned, from tomorrow on; none when nothing is planned
     */
    public function __construct(
        public array $weeks,
        public ?ReasonView $rise,
        public array $ahead,
        public ?ReasonView $aheadRise,
    ) {}

    public static function of(LoadReport $report, LoadAhead $ahead): self
    {
        return new self(
            weeks: $report->isEmpty() ? [] : array_map(self::week(...), $report->weeks),
            rise: $report->rise === null ? null : ReasonView::of($report->rise),
            ahead: $ahead->isEmpty() ? [] : array_map(self::week(...), $ahead->weeks),
            aheadRise: $ahead->rise === null ? null : ReasonView::of($ahead->rise),
        );
    }

    private static function week(WeekLoad $week): LoadWeekView
    {
        return new LoadWeekView(
            first: $week->first->iso(),
            last: $week->first->plusDays(6)->iso(),
            days: array_map(static fn(float $load): int => (int) round($load), $week->daily),
            total: (int) round($week->total),
            monotony: $week->monotony === null ? '' : number_format($week->monotony, 2, '.', ''),
            strain: $week->strain === null ? '' : number_format($week->strain, 0, '.', ''),
            unknown: $week->unknown,
            reason: ReasonView::of($week->reason),
        );
    }
}
