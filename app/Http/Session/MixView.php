<?php

declare(strict_types=1);

namespace App\Http\Session;

use EvenRungs\Balance\Mix;
use OpenApi\Attributes as OA;

/** How the work falls on two ends of something. */
#[OA\Schema]
final readonly class MixView
{
    public function __construct(
        #[OA\Property]
        public string $first,
        #[OA\Property]
        public string $second,
        #[OA\Property(description: 'of the first end; null where there is no such work')]
        public ?int $percent,
        #[OA\Property]
        public int $firstSeconds,
        #[OA\Property]
        public int $secondSeconds,
    ) {}

    public static function of(Mix $mix): self
    {
        return new self($mix->first, $mix->second, $mix->percent, $mix->firstSeconds, $mix->secondSeconds);
    }
}
