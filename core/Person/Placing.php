<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;

/** A move on a ladder as it was recorded; the newest of each side holds. The rung may have left the library since. */
final readonly class Placing
{
    /**
     * @param string   $rung    slug
     * @param int      $sequence order in time
     * @param Day|null $on      null where only what holds now is asked for
     * @param string|null $range as a dose line writes it; null where the rung has none, or nobody said
     * @param bool     $decided it came from a decision, not by hand
     * @param bool     $guessed a careful guess: this ladder was not tested
     */
    public function __construct(
        public string $id,
        public string $ladder,
        public Side $side,
        public string $rung,
        public bool $stopped,
        public int $sequence,
        public ?Day $on = null,
        public string $reason = '',
        public bool $decided = false,
        public ?string $range = null,
        public bool $guessed = false,
    ) {}
}
