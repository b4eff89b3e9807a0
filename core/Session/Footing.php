<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Dose\Dose;
use EvenRungs\Dose\StationClock;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;

/** Where somebody stands whom a template becomes a session for, and what is due to them. */
final readonly class Footing
{
    /**
     * @param array<string, Rung>         $working working rung by ladder, without those that are held back
     * @param list<string>                $stopped ladders stopped after pain, and those of which it waits whether they are
     * @param array<string, Dose>         $doses   next doses, by rung
     * @param list<string>                $most    rungs of which nothing is added to the next dose, a set neither
     * @param (\Closure(Rung): Dose)|null $first   what a rung begins with that was never trained; by default the dose of its table
     * @param (\Closure(Rung): StationClock)|null $clock of a station; by default that of the level of its exercise
     */
    public function __construct(
        public Circumstances $circumstances,
        public array $working,
        private array $stopped,
        private array $doses = [],
        private array $most = [],
        private ?\Closure $first = null,
        private ?\Closure $clock = null,
    ) {}

    public function clock(Rung $rung): StationClock
    {
        return $this->clock === null ? StationClock::at($rung->height->level()) : ($this->clock)($rung);
    }

    /** @param bool $half whether half of it will do: of what is a beginning already that would be next to nothing */
    public function dose(Rung $rung, bool $half): Dose
    {
        return $this->doses[$rung->slug] ?? ($this->first === null || $half ? $rung->defaultDose($this->circumstances->method) : ($this->first)($rung));
    }

    public function isMost(Rung $rung): bool
    {
        return in_array($rung->slug, $this->most, true);
    }

    public function isStopped(Rung $rung): bool
    {
        return in_array($rung->ladder, $this->stopped, true);
    }
}
