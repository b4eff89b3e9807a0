<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Body\Side;

/** Pain that was there before the first set of a session. */
final readonly class StartPain
{
    /**
     * @param Side|null $side left or right; null where the place has none, or it was not told
     * @param int       $pain 1–10
     */
    public function __construct(public PainPlace $place, public ?Side $side, public int $pain) {}

    /** As in "left shoulder 7 of 10". */
    public function inWords(): string
    {
        return ($this->side === null ? '' : "{$this->side->value} ")."{$this->place->label()} {$this->pain} of 10";
    }

    /** Whether pain told of a set is the same, and no more than it was. */
    public function accountsFor(PainPlace $place, ?Side $side, int $pain): bool
    {
        return $place === $this->place && $pain <= $this->pain && (! $place->isSided() || $side === null || $this->side === null || $side->meets($this->side));
    }
}
