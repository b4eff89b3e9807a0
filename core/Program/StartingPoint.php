<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Level;
use EvenRungs\Body\Side;
use EvenRungs\Dose\Dose;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Rung;

/** Where a person stands when a program begins. */
final readonly class StartingPoint
{
    /**
     * @param array<string, Rung> $working  the rung a session takes, by ladder
     * @param array<string, Dose> $doses    the next dose, by rung; the default where none was logged
     * @param array<string, int>  $daysOn   days on the rung, by ladder
     * @param list<string>        $stopped  ladders stopped after pain
     * @param array<string, Side> $firstSide which side begins, by ladder; left where nothing is said
     * @param list<string>        $mastered rungs that were clean at their leaving mark, or that the person stood on and stands above
     * @param list<string>        $most     rungs of whose next dose nothing is added for now, a set neither
     */
    public function __construct(
        public Library $library,
        public Circumstances $circumstances,
        public array $working,
        public array $doses = [],
        public array $daysOn = [],
        public array $stopped = [],
        public array $firstSide = [],
        public array $mastered = [],
        public array $most = [],
    ) {}

    /** Level of the middle of the rungs a session takes; foundation where there is none. */
    public function level(): Level
    {
        $heights = array_values(array_map(static fn(Rung $rung): Height => $rung->height, array_filter($this->working, static fn(Rung $rung): bool => $rung->demand->hasShare())));
        usort($heights, static fn(Height $a, Height $b): int => $a->above($b));

        return $heights === [] ? Level::Foundation : $heights[intdiv(count($heights) - 1, 2)]->level();
    }

    /** Whether the person stands in a phase already, with some rung of a demand. */
    public function standsIn(Phase $phase, Demand $demand): bool
    {
        foreach ($this->working as $rung) {
            $reached = Phase::reached($rung, $this->doses[$rung->slug] ?? $rung->defaultDose($this->circumstances->method));
            if ($rung->demand === $demand && ! $phase->isAfter($reached)) {
                return true;
            }
        }

        return false;
    }

    /** The same where the person still stands so many days later; a start that is not later changes nothing. */
    public function later(int $days): self
    {
        $daysOn = array_map(static fn(int $here): int => $here + max(0, $days), $this->daysOn);

        return new self($this->library, $this->circumstances, $this->working, $this->doses, $daysOn, $this->stopped, $this->firstSide, $this->mastered, $this->most);
    }
}
