<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Api\ListOf;
use App\Http\Shared\OtherTrainingView;
use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** A week of core sessions among other training. */
#[OA\Schema]
final readonly class WeekView
{
    /**
     * @param list<CoreSlotView>      $slots    of every week
     * @param list<WeekMoveView>      $moves
     * @param list<string>            $away     dates
     * @param list<WeekDayView>       $days
     * @param list<PlacedSlotView>    $placed   in this week
     * @param list<OtherTrainingView> $other    in this week
     * @param list<ClashView>         $clashes  most serious first
     * @param list<WeekDemandView>    $demands
     * @param list<WeekSessionView>   $sessions newest first
     */
    public function __construct(
        #[OA\Property(description: 'the program has a week of its own here that is not written into it yet')]
        public bool $programWaits,
        #[OA\Property(description: '0 when nothing was placed yet')]
        public int $version,
        #[OA\Property]
        public string $monday,
        #[ListOf(CoreSlotView::class)]
        public array $slots,
        #[ListOf(WeekMoveView::class)]
        public array $moves,
        #[ListOf('string')]
        public array $away,
        #[ListOf(WeekDayView::class)]
        public array $days,
        #[ListOf(PlacedSlotView::class)]
        public array $placed,
        #[ListOf(OtherTrainingView::class)]
        public array $other,
        #[ListOf(ClashView::class)]
        public array $clashes,
        #[ListOf(WeekDemandView::class)]
        public array $demands,
        #[ListOf(WeekSessionView::class)]
        public array $sessions,
        #[OA\Property(description: 'days with core work this week')]
        public int $coreDays,
        #[OA\Property]
        public int $lowDays,
        #[OA\Property]
        public int $highDays,
        #[OA\Property]
        public ReasonView $frequency,
        #[OA\Property]
        public int $load,
        #[OA\Property]
        public bool $loadTooMuch,
        #[OA\Property]
        public ReasonView $loadReason,
    ) {}
}
