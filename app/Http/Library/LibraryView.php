<?php

declare(strict_types=1);

namespace App\Http\Library;

/** All ladders, in the order of the board. */
final readonly class LibraryView
{
    /** @param list<LibraryLadderView> $ladders */
    public function __construct(
        public string $version,
        public array $ladders,
    ) {}
}
