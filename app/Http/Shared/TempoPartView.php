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
        #[OA\Property]
        public string $word,
        #[OA\Property]
        public int $seconds,
        #[OA\Property]
        public bool $isPause,
    ) {}

    /** @return list<self> none for a hold or a carry */
    public static function of(Rung $rung, Dose $dose): array
    {
        return $rung->phases === null ? [] : array_map(static fn(array $part): self => new self($part[0], $part[1]->seconds, $part[2]), $rung->tempoParts($dose));
    }
}
