<?php

declare(strict_types=1);

namespace App\Http\Board;

/** One of the four figures, N·m at the highest of the movement. */
final readonly class HardnessFigureView
{
    /** @param int|null $beside the same on the rung they stand on */
    public function __construct(public string $label, public int $highest, public int $mean, public ?int $beside) {}
}
