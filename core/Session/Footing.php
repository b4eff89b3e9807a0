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
     * @param (\Closure(Rung): ?Dose)|null $due   the next dose of a rung; null where it was never done and nobody stands on it
     * @param (\Closure(Rung): bool)|null $isMost  whether nothing is added to that, a set neither
     * @param (\Closure(Rung): Dose)|null $first   what a rung begins with that was never trained; by default the dose of its table
     * @param (\Closure(Rung): StationClock)|null $clock of a station; by default that of the level of its exercise
     */
    public function __construct(
        public Circumstances $circumstances,
        public array $working,
        private array $stopped,
        private ?\Closure $due = null,
        private ?\Closure $isMost = null,
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
        return ($this->due === null ? null : ($this->due)($rung)) ?? ($this->first === null || $half ? $rung->defaultDose($this->circumstances->method) : ($this->first)($rung));
    }

    public function isMost(Rung $rung): bool
    {
        return $this->isMost !== null && ($this->isMost)($rung);
    }

    public function isStopped(Rung $rung): bool
    {
        return in_array($rung->ladder, $this->stopped, true);
    }
}
