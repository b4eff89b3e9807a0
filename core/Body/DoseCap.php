<?php

declare(strict_types=1);

namespace EvenRungs\Body;

/** The longest stretch of work a limit allows: one hold, or all the time spent at once in a position. */
final readonly class DoseCap
{
    private function __construct(
        public int $seconds,
        public bool $wholeSet,
        public ?Position $position,
        public ?Demand $demand,
        private string $when,
    ) {}

    /** @param string $when in which case, such as "at effort 7 or more" */
    public static function onHolds(int $seconds, string $when = '', ?Demand $demand = null): self
    {
        return new self($seconds, false, null, $demand, $when);
    }

    /** Time at once in a position: a set with its gaps and side change counts as one stretch. */
    public static function inPosition(int $seconds, Position $position): self
    {
        return new self($seconds, true, $position, null, '');
    }

    public function concerns(Position $position, Demand $demand): bool
    {
        return ($this->position === null || $this->position === $position) && ($this->demand === null || $this->demand === $demand);
    }

    /** "no hold over 10 s at effort 7 or more", "at most 120 s at a time on the back" */
    public function inWords(): string
    {
        $words = $this->wholeSet ? "at most {$this->seconds} s at a time" : "no hold over {$this->seconds} s";
        foreach ([$this->position?->inWords(), $this->demand === null ? null : "in {$this->demand->shortName()} work", $this->when] as $part) {
            $words .= $part === null || $part === '' ? '' : " {$part}";
        }

        return $words;
    }
}
