<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Http\Shared\KindMixView;
use App\Http\Shared\OtherTrainingView;
use App\Http\Shared\ReasonView;
use EvenRungs\Week\Shape;

/** A week of core sessions among other training. */
final readonly class WeekView
{
    /**
     * @param bool                    $programWaits the program has a week of its own here that is not written into it yet
     * @param int                     $version      0 when nothing was placed yet
     * @param list<CoreSlotView>      $slots        of every week
     * @param list<WeekMoveView>      $moves
     * @param list<string>            $away         dates
     * @param list<WeekDayView>       $days
     * @param list<PlacedSlotView>    $placed       in this week
     * @param list<OtherTrainingView> $other        in this week
     * @param list<ClashView>         $clashes      most serious first
     * @param list<WeekDemandView>    $demands
     * @param list<WeekSessionView>   $sessions     that can be placed, the newest first
     * @param int                     $written      so many there are in all
     * @param int                     $coreDays     days with core work this week
     * @param bool                    $daysOff      more or fewer of them than the method asks for
     * @param int                     $hardFrom     planned effort from which a session is hard
     * @param list<ShapeChoiceView>   $shapes       a week can start from
     * @param Shape|null              $shape        it was laid out from
     * @param list<ReasonView>        $silenced     what is not said of this week, since it is what its shape is
     * @param list<AskedView>         $asked        to be put off, from home
     * @param list<AskedElsewhereView> $askedElsewhere the same in other weeks
     * @param KindMixView|null        $kinds        where the aim has a target for them
     */
    public function __construct(
        public bool $programWaits,
        public int $version,
        public string $monday,
        public array $slots,
        public array $moves,
        public array $away,
        public array $days,
        public array $placed,
        public array $other,
        public array $clashes,
        public array $demands,
        public array $sessions,
        public int $written,
        public int $coreDays,
        public int $lowDays,
        public int $highDays,
        public bool $daysOff,
        public ReasonView $frequency,
        public int $hardFrom,
        public int $load,
        public bool $loadTooMuch,
        public ReasonView $loadReason,
        public array $shapes,
        public ?Shape $shape,
        public array $silenced,
        public ?KindMixView $kinds,
        public array $asked,
        public array $askedElsewhere,
    ) {}
}
