<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Http\Shared\ReasonView;
use EvenRungs\Week\Cell;
use EvenRungs\Week\Clash;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\WeekRepairs;

/** Things in the week that stand in each other’s way, or something it lacks. */
final readonly class ClashView
{
    /**
     * @param list<string>         $slots
     * @param list<Cell>   $other   where the other training stands that is concerned
     * @param list<WeekRepairView> $repairs
     */
    public function __construct(
        public ReasonView $reason,
        public array $slots,
        public array $other,
        public array $repairs,
    ) {}

    public static function of(Clash $clash, CoreWeek $week): self
    {
        return new self(
            reason: ReasonView::of($clash->reason),
            slots: $clash->slots,
            other: $clash->other,
            repairs: array_map(WeekRepairView::of(...), WeekRepairs::for($week, $clash)),
        );
    }
}
