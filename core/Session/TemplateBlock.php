<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** Places of a template that are done as one block. */
final readonly class TemplateBlock
{
    /**
     * @param list<TemplateSlot> $slots
     * @param int|null           $rounds  of a circuit; null for straight sets
     * @param int|null           $work    seconds at each station; null where the stations have doses of their own
     */
    public function __construct(public Part $part, public array $slots, public ?int $rounds, public ?int $work, public int $gapSeconds, public int $roundRestSeconds) {}
}
