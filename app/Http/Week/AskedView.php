<?php

declare(strict_types=1);

namespace App\Http\Week;

/** A session that the person asked from home to put off, with the move that core found. */
final readonly class AskedView
{
    /**
     * @param string              $note         that asks for it
     * @param int                 $day          1 Monday to 7 Sunday, on which it stands
     * @param bool                $isAskedAbout how the person is goes before when they train
     * @param WeekRepairView|null $repair       null where no later day of the week is free
     */
    public function __construct(public string $note, public string $slot, public int $day, public string $sentence, public bool $isAskedAbout, public ?WeekRepairView $repair) {}
}
