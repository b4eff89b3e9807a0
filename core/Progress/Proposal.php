<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Body\Side;
use EvenRungs\Dose\Range;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** What the rules propose, with every reason; the trainer keeps the last word. */
final readonly class Proposal
{
    /**
     * @param Rung|null    $to      the rung after a climb or a step down; null when the rung stays
     * @param Range|null   $toRange over which, where the step is one of range
     * @param list<Reason> $reasons the deciding one first
     */
    public function __construct(
        public Decision $choice,
        public ?Rung $to,
        public array $reasons,
        public Gate $gate,
        public ?Range $toRange = null,
    ) {}

    /** The same gate, waiting for the other side: the stronger stays at most one rung above the weaker. */
    public function waitingFor(Rung $behind, Side $side): self
    {
        return new self(Decision::Stay, null, [
            Reason::because(
                Rule::SidesTogether,
                "The gate is open on this side, but the {$side->value} stands on “{$behind->name}” ({$behind->height->label()}): the stronger side stays at most one rung above the weaker.",
                ['the other side' => $behind->height->label()],
                'A climb of the other side, or a limit that rests it.',
            ),
            ...$this->reasons,
        ], $this->gate);
    }
}
