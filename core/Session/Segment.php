<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Side;

/** One stretch of a session's time. */
final readonly class Segment
{
    /**
     * @param int $set   from 1; in a circuit the round
     * @param int $block from 0
     * @param int $target what this stretch asks for in the unit of the dose; 0 where it is not work
     */
    public function __construct(
        public TimeKind $stretch,
        public int $seconds,
        public int $block,
        public Item $item,
        public int $set,
        public Side $side = Side::Both,
        public int $target = 0,
    ) {}

    /** The same under another number of the set. */
    public function asSet(int $set): self
    {
        return new self($this->stretch, $this->seconds, $this->block, $this->item, $set, $this->side, $this->target);
    }
}
