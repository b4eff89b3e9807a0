<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Placement;

/** A placing that holds: where somebody was put on a ladder, when, and why. */
final readonly class Placed
{
    public function __construct(
        public string $id,
        public string $ladder,
        public string $side,
        public string $rung,
        public bool $stopped,
        public int $sequence,
        public string $placedOn,
        public string $reason,
    ) {}

    public static function of(Placement $row): self
    {
        return new self($row->id, $row->ladder, $row->side, $row->rung, $row->stopped, $row->sequence, $row->placed_on, $row->reason);
    }
}
