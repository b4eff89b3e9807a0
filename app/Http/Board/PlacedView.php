<?php

declare(strict_types=1);

namespace App\Http\Board;

/** A placing that was saved, and how to take it back. */
final readonly class PlacedView
{
    public function __construct(
        public string $placement,
        public string $sentence,
    ) {}
}
