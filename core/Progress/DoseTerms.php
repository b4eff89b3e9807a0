<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Dose\Range;
use EvenRungs\Method\Method;

/** What the next dose of a rung goes by besides its log: the method, the weights at hand, the effort allowed, and where the person was placed. */
final readonly class DoseTerms
{
    /**
     * @param list<int>|null $weights       grams of the weights there are; null when nobody has said
     * @param int            $highestEffort of 10 that still lets the dose rise
     * @param int            $since         order in time of the placing on the rung: what was done on it before begins anew
     * @param Range|null     $range         the person was placed at last, where the rung has some
     * @param int            $rangeAt       order in time of that
     * @param bool           $byTheClock    as at a station of a circuit: of what was done so, else of what was done in sets
     */
    public function __construct(
        public Method $method,
        public ?array $weights = null,
        public int $highestEffort = 7,
        public int $since = 0,
        public ?Range $range = null,
        public int $rangeAt = 0,
        public bool $byTheClock = false,
    ) {}
}
