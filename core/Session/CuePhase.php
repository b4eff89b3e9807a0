<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** A part of one repetition for the player: its word and seconds. */
final readonly class CuePhase
{
    public function __construct(public string $word, public int $seconds, public bool $isPause) {}
}
