<?php

declare(strict_types=1);

namespace App\Http\Squad;

use App\Http\Shared\ReasonView;
use App\Records\SquadFile;
use EvenRungs\Squad\MeetingTime;
use EvenRungs\Week\DayPart;

/** A part of the week in which a squad could meet. */
final readonly class SquadTimeView
{
    /**
     * @param int                        $day     1 Monday to 7 Sunday
     * @param int                        $fits    how many of its people
     * @param list<SquadTimeAgainstView> $against what stands against it, by person
     */
    public function __construct(public int $day, public DayPart $part, public int $fits, public array $against) {}

    public static function of(MeetingTime $time, SquadFile $file): self
    {
        return new self(
            day: $time->cell->day,
            part: $time->cell->part,
            fits: $time->fits(),
            against: array_map(static fn(int $number, array $reasons): SquadTimeAgainstView => new SquadTimeAgainstView($file->files[$number]->person->id, $file->files[$number]->person->name, ReasonView::all($reasons)), array_keys($time->against), $time->against),
        );
    }
}
