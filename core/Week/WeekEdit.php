<?php

declare(strict_types=1);

namespace EvenRungs\Week;

/** A core session as it is after a repair; or one more of the same session where `isNew`. */
final readonly class WeekEdit
{
    private function __construct(public string $slot, public bool $isNew, public Cell $cell, public SessionRole $placement, public int $effort) {}

    public static function to(CoreSlot $slot): self
    {
        return new self($slot->id, false, $slot->cell, $slot->placement, $slot->effort);
    }

    public static function again(CoreSlot $slot): self
    {
        return new self($slot->id, true, $slot->cell, $slot->placement, $slot->effort);
    }
}
