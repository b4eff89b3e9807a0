<?php

declare(strict_types=1);

namespace App\Http\Session;

use EvenRungs\Balance\Mix;
use OpenApi\Attributes as OA;

/** How the work falls on two ends of something. */
#[OA\Schema]
final readonly class MixView
{
    /** @param int|null $percent of the first end; null where there is no such work */
    public function __construct(
        public string $first,
        public string $second,
        public ?int $percent,
        public int $firstSeconds,
        public int $secondSeconds,
    ) {}

    public static function of(Mix $mix): self
    {
        return new self(first: $mix->first, second: $mix->second, percent: $mix->percent, firstSeconds: $mix->firstSeconds, secondSeconds: $mix->secondSeconds);
    }
}
