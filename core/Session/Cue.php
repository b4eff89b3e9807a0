<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Side;

/** One thing the player shows and counts down. */
final readonly class Cue
{
    /**
     * @param list<CuePhase> $phases   of one repetition; empty where the set is not in repetitions
     * @param bool           $endsSet  the set is over after this cue: the form check is asked
     */
    public function __construct(
        public TimeKind $stretch,
        public int $seconds,
        public string $item,
        public int $set,
        public Side $side,
        public int $target,
        public int $repetitions,
        public array $phases,
        public bool $endsSet,
    ) {}
}
