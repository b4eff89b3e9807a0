<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Dose\Dose;

/** What the trainer has fixed: the generator fills in the rest around it. */
final readonly class Locks
{
    /**
     * @param array<int, array<string, string>>    $rungs slug of the rung, by number of the week and ladder; it holds from there on until the next lock
     * @param array<int, array<string, Dose>>      $doses by number of the week and ladder; for that week
     * @param array<string, array<string, int>>    $sets  in every week, by slot and ladder; 0 keeps the ladder out of the slot
     * @param list<string>                         $without ladders left out altogether
     */
    public function __construct(public array $rungs = [], public array $doses = [], public array $sets = [], public array $without = []) {}

    /** The latest week of its own that is fixed; 0 where none is. */
    public function lastWeek(): int
    {
        return max([0, ...array_keys($this->rungs), ...array_keys($this->doses)]);
    }

    /** What was fixed for the weeks before one, and for all of them. */
    public function before(int $week): self
    {
        $earlier = static fn(int $number): bool => $number < $week;

        return new self(array_filter($this->rungs, $earlier, ARRAY_FILTER_USE_KEY), array_filter($this->doses, $earlier, ARRAY_FILTER_USE_KEY), $this->sets, $this->without);
    }
}
