<?php

declare(strict_types=1);

namespace App\Http\Review;

use EvenRungs\Body\Side;

/** What a set of the evidence says, in words. */
final readonly class EvidenceView
{
    /**
     * @param list<string> $faults
     * @param string $felt a wrong place, in words; empty where it was felt right or nobody asked
     * @param string $painPlace where it hurt, in words; empty when not told
     * @param bool $painKept it was there before the session and is not where the rung loads
     * @param bool $painActs pain that the rules act on
     * @param bool $tooHard effort above what a climb allows this person
     */
    public function __construct(
        public int $set,
        public string $done,
        public array $faults,
        public string $felt,
        public ?int $pain,
        public ?Side $painSide,
        public string $painPlace,
        public bool $painKept,
        public ?int $effort,
        public bool $painActs,
        public bool $tooHard,
    ) {}
}
