<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;

/** What the rules propose, with every reason; the trainer keeps the last word. */
final readonly class Proposal
{
    /**
     * @param Rung|null    $to      the rung after a climb or a step down; null when the rung stays
     * @param list<Reason> $reasons the deciding one first
     */
    public function __construct(
        public Decision $choice,
        public ?Rung $to,
        public array $reasons,
        public Gate $gate,
    ) {}
}
