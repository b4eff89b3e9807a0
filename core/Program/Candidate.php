<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Balance\WorkShares;
use EvenRungs\Body\Demand;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseTable;
use EvenRungs\Ladder\Rung;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;

/** A rung at a dose that a week may take sets of: what one set costs in time and gives to each demand. */
final readonly class Candidate
{
    /** Where the dose has two sets or more, one alone is not it (our own choice). */
    private const LEAST_SETS = 2;

    /**
     * @param int                $setSeconds  one set, gaps and side change included
     * @param array<string, int> $halfSeconds weighted time under tension of one set, by demand, in half seconds
     * @param int                $leastSets   in a session that has the exercise at all: fewer would not be the planned dose
     * @param int                $mostSets    in one session
     * @param int                $workSeconds under tension in one set
     */
    private function __construct(
        public Rung $rung,
        public Dose $dose,
        public int $setSeconds,
        public int $restSeconds,
        public array $halfSeconds,
        public int $leastSets,
        public int $mostSets,
        public int $workSeconds,
    ) {}

    /**
     * A set more than the dose says is still the dose, and of three one less. Falling sets belong together: all of them count
     * as one.
     *
     * @param bool $single one set is enough: for easier weeks in which whole doses are too coarse
     * @param bool $isMost no set is added
     * @param int  $counts in fewer sets it would not count at its leaving mark; 0 where it would not in any case
     */
    public static function of(Rung $rung, Dose $dose, bool $single = false, bool $isMost = false, int $counts = 0): self
    {
        $most = max(1, min(DoseTable::MOST_SETS, $dose->sets() + ($isMost ? 0 : 1)));
        $whole = $dose->isFalling();
        $item = new Item('one', $rung, $whole ? $dose : $dose->withSets(1));
        $session = new Session([new StraightSets($item)]);
        $timeline = $session->timeline();

        return new self(
            $rung,
            $dose,
            $timeline->totals()->total(),
            $item->restSeconds(),
            WorkShares::of($session, $timeline)->halfSeconds(),
            $whole || $single ? 1 : max(1, min(self::LEAST_SETS, $dose->sets()), min($counts, $most)),
            $whole ? 1 : $most,
            $timeline->totals()->work,
        );
    }

    public function ladder(): string
    {
        return $this->rung->ladder;
    }

    public function demand(): Demand
    {
        return $this->rung->demand;
    }

    /** The dose with a number of sets. */
    public function dose(int $sets): Dose
    {
        return $this->dose->isFalling() ? $this->dose : $this->dose->withSets($sets);
    }

    public function gives(Demand $demand): int
    {
        return $this->halfSeconds[$demand->value] ?? 0;
    }

    /** All of it, in half seconds. */
    public function total(): int
    {
        return array_sum($this->halfSeconds);
    }
}
