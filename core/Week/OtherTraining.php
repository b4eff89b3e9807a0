<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Calendar\Day;

/** Other training or work at a part of a day, every week or every so many weeks. */
final readonly class OtherTraining
{
    /**
     * @param bool     $heavy 80 % of the best single and above or six repetitions and fewer (lifting); very hard (the rest)
     * @param int      $every how many weeks lie from one to the next
     * @param Day|null $from  a date in a week in which it happens; needed where it is not every week
     */
    public function __construct(public TrainingKind $kind, public bool $heavy, public Cell $cell, public int $every = 1, public ?Day $from = null) {}

    public function happensIn(Day $monday): bool
    {
        if ($this->every <= 1 || $this->from === null) {
            return true;
        }

        return intdiv($this->from->monday()->daysUntil($monday), 7) % $this->every === 0;
    }

    public function isHeavyLifting(): bool
    {
        return $this->kind === TrainingKind::Lifting && $this->heavy;
    }

    /** Sessions after which core work comes last that day. Work is no training session. */
    public function isEnduranceOrSport(): bool
    {
        return $this->kind === TrainingKind::Endurance || $this->kind === TrainingKind::Sport;
    }

    /** "heavy lifting", "endurance training", "sport" */
    public function inWords(): string
    {
        return ($this->heavy ? 'heavy ' : '').$this->kind->label().($this->kind === TrainingKind::Endurance ? ' training' : '');
    }
}
