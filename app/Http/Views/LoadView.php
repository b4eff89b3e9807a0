<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Api\ListOf;
use EvenRungs\Load\LoadReport;
use EvenRungs\Load\WeekLoad;
use OpenApi\Attributes as OA;

/** Load of the weeks behind today, core work only. */
#[OA\Schema]
final readonly class LoadView
{
    /** @param list<LoadWeekView> $weeks oldest first; none when nothing was logged in them */
    public function __construct(
        #[ListOf(LoadWeekView::class)]
        public array $weeks,
        #[OA\Property(ref: '#/components/schemas/ReasonView', nullable: true)]
        public ?ReasonView $rise,
    ) {}

    public static function of(LoadReport $report): self
    {
        return new self(
            $report->isEmpty() ? [] : array_map(static fn(WeekLoad $week): LoadWeekView => new LoadWeekView(
                $week->first->iso(),
                $week->first->plusDays(6)->iso(),
                array_map(static fn(float $load): int => (int) round($load), $week->daily),
                (int) round($week->total),
                $week->monotony === null ? '' : number_format($week->monotony, 2, '.', ''),
                $week->strain === null ? '' : number_format($week->strain, 0, '.', ''),
                $week->unknown,
                ReasonView::of($week->reason),
            ), $report->weeks),
            $report->rise === null ? null : ReasonView::of($report->rise),
        );
    }
}
