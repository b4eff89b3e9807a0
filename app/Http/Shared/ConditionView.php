<?php

declare(strict_types=1);

namespace App\Http\Shared;

final readonly class ConditionView
{
    /** @param bool|null $met null when something was not logged */
    public function __construct(
        public ?bool $met,
        public ReasonView $reason,
    ) {}
}
