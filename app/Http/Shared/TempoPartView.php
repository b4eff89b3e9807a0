<?php

declare(strict_types=1);

namespace App\Http\Shared;

use EvenRungs\Dose\Dose;
use EvenRungs\Ladder\Rung;
use OpenApi\Attributes as OA;

/** A part of a repetition, in the order it is done: the figure moves with it. */
#[OA\Schema]
final readonly class TempoPartView
{
    public function __construct(
        public string $word,
        public int $seconds,
        public bool $isPause,
    ) {}

    /** @return list<self> none for a hold or a carry */
    public static function of(Rung $rung, Dose $dose): array
    {
        return $rung->phases === null ? [] : array_map(static fn(array $part): self => new self(word: $part[0], seconds: $part[1]->seconds, isPause: $part[2]), $rung->tempoParts($dose));
    }
}
