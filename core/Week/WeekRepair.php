<?php

declare(strict_types=1);

namespace EvenRungs\Week;

/** What one key does about a clash. */
final readonly class WeekRepair
{
    /** @param non-empty-list<WeekEdit> $edits */
    public function __construct(public string $label, public array $edits) {}
}
