<?php

declare(strict_types=1);

namespace App\Http\Week;

/** A session that can be placed, and where it would fit best. */
final readonly class WeekSessionView
{
    public function __construct(
        public string $id,
        public string $title,
        public string $clock,
        public ?CoreSlotView $fits,
    ) {}
}
