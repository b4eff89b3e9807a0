<?php

declare(strict_types=1);

namespace App\Http\Squad;

use App\Records\PersonFile;
use App\Records\SquadFile;
use EvenRungs\Person\WeekAtHand;
use EvenRungs\Squad\MeetingTime;
use EvenRungs\Squad\MeetingTimes;
use EvenRungs\Week\WeekPlacing;

/** When in the week a squad could meet. */
final readonly class SquadTimesView
{
    /**
     * @param int                  $effort planned of a meeting more: that of those there are
     * @param int                  $asked  of how many people: of those who train
     * @param list<SquadTimeView>  $times  every part of the week, in order of time
     * @param int                  $best   the one of them to look at first
     */
    public function __construct(public int $effort, public int $asked, public array $times, public int $best) {}

    public static function of(SquadFile $file): self
    {
        $effort = ($file->row->meetings()[0] ?? null)->effort ?? WeekPlacing::EFFORT;
        // A program lays out single weeks: what is written of the next is asked, too.
        $weeks = array_map(static fn(PersonFile $one): array => array_map(static fn(int $days): WeekAtHand => $one->week($file->today->plusDays($days)), [0, 7]), $file->files);
        $times = MeetingTimes::of($file->squad, $file->row->id, $file->row->name, $weeks, $effort);

        return new self($effort, $times[0]->asked, array_map(static fn(MeetingTime $time): SquadTimeView => SquadTimeView::of($time, $file), $times), MeetingTimes::best($times));
    }
}
