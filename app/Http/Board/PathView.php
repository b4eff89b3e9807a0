<?php

declare(strict_types=1);

namespace App\Http\Board;

/** A person's way over the board. */
final readonly class PathView
{
    /** @param list<MoveView> $moves oldest first */
    public function __construct(
        public array $moves,
    ) {}
}
