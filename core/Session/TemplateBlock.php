<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** Places of a template that are done as one block. */
final readonly class TemplateBlock
{
    /**
     * @param list<TemplateSlot> $slots
     * @param bool               $byTheClock a circuit in which each station works and rests as the level of its exercise has it
     * @param int|null           $rounds     of a circuit whose stations have doses of their own; null for straight sets
     */
    public function __construct(public Part $part, public array $slots, public bool $byTheClock, public ?int $rounds, public int $gapSeconds, public int $roundRestSeconds) {}
}
