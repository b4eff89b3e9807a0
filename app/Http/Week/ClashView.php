<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Api\ListOf;
use App\Http\Shared\ReasonView;
use EvenRungs\Week\Clash;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\WeekRepairs;
use OpenApi\Attributes as OA;

/** Things in the week that stand in each other’s way, or something it lacks. */
#[OA\Schema]
final readonly class ClashView
{
    /**
     * @param list<string>         $slots
     * @param list<WeekCellView>   $other   where the other training stands that is concerned
     * @param list<WeekRepairView> $repairs
     */
    public function __construct(
        #[OA\Property]
        public ReasonView $reason,
        #[ListOf('string')]
        public array $slots,
        #[ListOf(WeekCellView::class)]
        public array $other,
        #[ListOf(WeekRepairView::class)]
        public array $repairs,
    ) {}

    public static function of(Clash $clash, CoreWeek $week): self
    {
        return new self(
            ReasonView::of($clash->reason),
            $clash->slots,
            array_map(WeekCellView::of(...), $clash->other),
            array_map(WeekRepairView::of(...), WeekRepairs::for($week, $clash)),
        );
    }
}
