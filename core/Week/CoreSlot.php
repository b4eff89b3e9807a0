<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Body\Demand;
use EvenRungs\Session\Totals;

/** A core session placed in a week. */
final readonly class CoreSlot
{
    /** From this effort on a session needs two days to the next such one (published for resistance work). */
    public const HARD = 7;

    /** @param int $effort planned, 0 to 10 */
    public function __construct(public string $id, public Cell $cell, public SessionRole $placement, public int $effort, public SlotContent $content) {}

    public function isHard(): bool
    {
        return $this->effort >= self::HARD && ! $this->isShortPractice();
    }

    /** Daily practice of a few minutes is no hard work, whatever effort it is planned at (our own choice). */
    public function isShortPractice(): bool
    {
        return $this->placement === SessionRole::Daily && $this->content->seconds <= self::SHORT_SECONDS;
    }

    private const SHORT_SECONDS = 480;

    /** A primer lasts at most so long and asks for at most so much effort (common practice). */
    private const PRIMER_SECONDS = 480;

    private const PRIMER_EFFORT = 4;

    /**
     * What a session that is placed as a primer breaks of its limits; one that breaks any is treated as the session it is.
     *
     * @return list<string> as parts of a sentence
     */
    public function primerBreaks(): array
    {
        if ($this->placement !== SessionRole::Primer) {
            return [];
        }

        return array_values(array_filter([
            $this->content->seconds > self::PRIMER_SECONDS ? Totals::clock($this->content->seconds).' long, at most '.Totals::clock(self::PRIMER_SECONDS) : '',
            $this->effort > self::PRIMER_EFFORT ? "effort {$this->effort}, at most ".self::PRIMER_EFFORT : '',
            $this->content->tooMuchForPrimer === [] ? '' : '“'.implode('” and “', $this->content->tooMuchForPrimer).'” neither 2.0 below the working rung nor at half its dose',
        ]));
    }

    /** Placed as a primer, and one. */
    public function isPrimer(): bool
    {
        return $this->placement === SessionRole::Primer && $this->primerBreaks() === [];
    }

    /** At planned dose and outside a primer: a primer is less than planned dose by what it is. */
    public function meets(Demand $demand): bool
    {
        return ! $this->isPrimer() && $this->content->sets($demand) > 0;
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
