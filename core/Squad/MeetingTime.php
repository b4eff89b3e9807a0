<?php

declare(strict_types=1);

namespace EvenRungs\Squad;

use EvenRungs\Reason\Reason;
use EvenRungs\Week\Cell;

/** A part of the week in which a squad could meet. */
final readonly class MeetingTime
{
    /**
     * @param int                      $asked   of how many it was asked: of those who train
     * @param array<int, list<Reason>> $against by number of the member; those whom it fits are not in it
     */
    public function __construct(public Cell $cell, public int $asked, public array $against) {}

    /** How many it fits. */
    public function fits(): int
    {
        return $this->asked - count($this->against);
    }
}
