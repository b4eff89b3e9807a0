<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Http\Shared\ReasonView;

/** A session that can be placed, and where it would fit best. */
final readonly class WeekSessionView
{
    /** @param list<ReasonView> $leftOut what of it a limit or missing kit keeps from the person */
    public function __construct(
        public string $id,
        public string $title,
        public string $clock,
        public array $leftOut,
        public ?CoreSlotView $fits,
    ) {}
}
