<?php

declare(strict_types=1);

namespace App\Http\Board;

/** A person's way over the board. */
final readonly class PathView
{
    /**
     * @param list<MoveView> $moves the newest, oldest of them first
     * @param string|null    $older what to ask for before these; null when there are no more
     */
    public function __construct(
        public array $moves,
        public ?string $older,
    ) {}
}
