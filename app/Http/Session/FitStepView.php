<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ReasonView;

/** One step towards the minutes, and the session once it and all before it are taken. */
final readonly class FitStepView
{
    /** @param list<WrittenBlockView> $blocks */
    public function __construct(
        public ReasonView $reason,
        public int $savedSeconds,
        public int $totalSeconds,
        public string $totalText,
        public array $blocks,
    ) {}
}
