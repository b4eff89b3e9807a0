<?php

declare(strict_types=1);

namespace App\Http\Week;

use EvenRungs\Week\WeekRepair;

/** What one key does about a clash in the week. */
final readonly class WeekRepairView
{
    /** @param list<WeekEditView> $edits */
    public function __construct(
        public string $label,
        public array $edits,
    ) {}

    public static function of(WeekRepair $repair): self
    {
        return new self(label: $repair->label, edits: array_map(WeekEditView::of(...), $repair->edits));
    }
}
