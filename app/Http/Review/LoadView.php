<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Api\ListOf;
use App\Http\Shared\ReasonView;
use EvenRungs\Load\LoadAhead;
use EvenRungs\Load\LoadReport;
use EvenRungs\Load\WeekLoad;
use OpenApi\Attributes as OA;

/** Load of the weeks behind today and of those planned ahead, core work only. */
#[OA\Schema]
final readonly class LoadView
{
    /**
     * @param list<LoadWeekView> $weeks oldest first; none when nothing was logged in them
     * @param list<LoadWeekView> $ahead as planned, from tomorrow on; none when nothing is planned
     */
    public function __construct(
        #[ListOf(LoadWeekView::class)]
        public array $weeks,
        #[OA\Property(ref: '#/components/schemas/ReasonView', nullable: true)]
        public ?ReasonView $rise,
        #[ListOf(LoadWeekView::class)]
        public array $ahead,
        #[OA\Property(ref: '#/components/schemas/ReasonView', nullable: true)]
        public ?ReasonView $aheadRise,
    ) {}

    public static function of(LoadReport $report, LoadAhead $ahead): self
    {
        return new self(
            $report->isEmpty() ? [] : array_map(self::week(...), $report->weeks),
            $report->rise === null ? null : ReasonView::of($report->rise),
            $ahead->isEmpty() ? [] : array_map(self::week(...), $ahead->weeks),
            $ahead->rise === null ? null : ReasonView::of($ahead->rise),
        );
    }

    private static function week(WeekLoad $week): LoadWeekView
    {
        return new LoadWeekView(
            $week->first->iso(),
            $week->first->plusDays(6)->iso(),
            array_map(static fn(float $load): int => (int) round($load), $week->daily),
            (int) round($week->total),
            $week->monotony === null ? '' : number_format($week->monotony, 2, '.', ''),
            $week->strain === null ? '' : number_format($week->strain, 0, '.', ''),
            $week->unknown,
            ReasonView::of($week->reason),
        );
    }
}
