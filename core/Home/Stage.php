<?php

declare(strict_types=1);

namespace EvenRungs\Home;

use EvenRungs\Calendar\Day;

/** A stage of a sheet that grows: what comes to it, when, and what the person is told of it. */
final readonly class Stage
{
    /**
     * @param int         $count  of days or sessions after the sheet was handed over
     * @param Day|null    $dueOn  null until so many sessions are done
     * @param string|null $item   exercise it changes
     * @param string|null $dose   as it is typed
     * @param Day|null    $cameOn null while it is still to come
     * @param string|null $held   why it was held back
     */
    public function __construct(
        public string $id,
        public StageKind $kind,
        public StageAfter $after,
        public int $count,
        public Day $beginsOn,
        public ?Day $dueOn,
        public ?string $item,
        public ?string $rung,
        public ?string $dose,
        public string $message,
        public ?Day $cameOn,
        public ?string $held,
    ) {}

    /** The day on which it comes, where that is known: the fifth day is four days after the first. */
    public static function dueOn(StageAfter $after, int $count, Day $beginsOn): ?Day
    {
        return $after === StageAfter::Days ? $beginsOn->plusDays(max(0, $count - 1)) : null;
    }

    /** Counted in days, a stage that comes so many weeks after the sheet: the eighth day is a week after the first. */
    public static function weeksLater(int $weeks): int
    {
        return 7 * $weeks + 1;
    }

    /** "day 5", "after 3 sessions" */
    public function when(): string
    {
        return $this->after === StageAfter::Days ? "day {$this->count}" : ($this->count === 1 ? 'after one session' : "after {$this->count} sessions");
    }

    /** What the trainer is told where it was held back, or where it asks something of them. */
    public function told(): string
    {
        $words = $this->message === '' ? '' : " “{$this->message}”";

        return $this->held === null ? ucfirst($this->kind->label())." is due.{$words}" : "The stage of {$this->when()} was held back: {$this->held}";
    }

    public function isDue(Day $today): bool
    {
        return $this->cameOn === null && $this->held === null && $this->dueOn !== null && ! $today->isBefore($this->dueOn);
    }
}
