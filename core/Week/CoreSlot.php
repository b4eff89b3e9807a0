<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Body\Demand;

/** A core session placed in a week. */
final readonly class CoreSlot
{
    /** From this effort on a session needs two days to the next such one (published for resistance work). */
    public const HARD = 7;

    /** @param int $effort planned, 0 to 10 */
    public function __construct(public string $id, public Cell $cell, public SessionRole $placement, public int $effort, public SlotContent $content) {}

    public function isHard(): bool
    {
        return $this->effort >= self::HARD;
    }

    /** At planned dose and outside a primer: a primer is less than planned dose by what it is. */
    public function meets(Demand $demand): bool
    {
        return $this->placement !== SessionRole::Primer && $this->content->sets($demand) > 0;
    }

    /** Planned load: effort × minutes. */
    public function load(): float
    {
        return $this->effort * $this->content->seconds / 60;
    }

    public function with(?Cell $cell = null, ?SessionRole $placement = null, ?int $effort = null): self
    {
        return new self($this->id, $cell ?? $this->cell, $placement ?? $this->placement, $effort ?? $this->effort, $this->content);
    }

    /** "“Floor session” on Tuesday evening" */
    public function inWords(): string
    {
        return "“{$this->content->title}” on {$this->cell->inWords()}";
    }
}
