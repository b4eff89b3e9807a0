<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Dose\Dose;
use EvenRungs\Ladder\Rung;

/** A part of one repetition for the player: its word and seconds. */
final readonly class CuePhase
{
    public function __construct(public string $word, public int $seconds, public bool $isPause) {}

    /** @return list<self> of one repetition, in the order it is done; none for a hold or a carry */
    public static function of(Rung $rung, Dose $dose): array
    {
        return $rung->phases === null ? [] : array_map(static fn(array $part): self => new self($part[0], $part[1]->seconds, $part[2]), $rung->tempoParts($dose));
    }
}
