<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\Range;
use EvenRungs\Ladder\Rung;

/** Where a person stands on a ladder: one working rung, for one side or for both, and the placing it rests on. */
final readonly class Position
{
    /**
     * @param bool     $stopped  the ladder was stopped after pain
     * @param int      $sequence order in time of the placing on this rung, over whatever range
     * @param Range|null $range  decided last, where the rung has some; the height of the rung is that of it
     * @param int      $placedAt order in time of the newest placing
     * @param Day|null $since    date of the placing; null where nobody asks for it
     * @param string   $placing  its identifier
     * @param string   $reason   why the person was placed there
     * @param bool     $guessed  below what was tested, on a ladder that was not: nothing is known of it yet
     */
    public function __construct(
        public Rung $rung,
        public Side $side,
        public bool $stopped = false,
        public int $sequence = 0,
        public ?Day $since = null,
        public string $placing = '',
        public string $reason = '',
        public ?Range $range = null,
        public int $placedAt = 0,
        public bool $guessed = false,
    ) {}

    public function asKnown(): self
    {
        return new self($this->rung, $this->side, $this->stopped, $this->sequence, $this->since, $this->placing, $this->reason, $this->range, $this->placedAt);
    }
}
