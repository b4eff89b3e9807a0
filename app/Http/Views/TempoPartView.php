<?php

declare(strict_types=1);

namespace App\Http\Views;

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
        public bool $pause,
    ) {}
}
