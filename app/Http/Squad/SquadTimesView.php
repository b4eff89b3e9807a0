<?php

declare(strict_types=1);

namespace App\Http\Squad;

use App\Records\PersonFile;
use App\Records\SquadFile;
use EvenRungs\Person\WeekAtHand;
use EvenRungs\Squad\MeetingTime;
use EvenRungs\Squad\MeetingTimes;

/** When in the week a squad could meet. */
final readonly class SquadTimesView
{
    /**
     * @param int                  $effort planned, that was asked for
     * @param int                  $asked  of how many people: of those who train
     * @param list<SquadTimeView>  $times  every part of the week, in order of time
     */
    public function __construct(public int $effort, public int $asked, public array $times) {}

    public static function of(SquadFile $file, int $effort): self
    {
        // A program lays out single weeks: what is written of the next is asked, too.
        $weeks = array_map(static fn(PersonFile $one): array => array_map(static fn(int $days): WeekAtHand => $one->week($file->today->plusDays($days)), [0, 7]), $file->files);
        $times = MeetingTimes::of($file->squad, $file->row->id, $file->row->name, $weeks, $effort);

        return new self($effort, $times[0]->asked, array_map(static fn(MeetingTime $time): SquadTimeView => SquadTimeView::of($time, $file), $times));
    }
}
