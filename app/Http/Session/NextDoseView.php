<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ReasonView;

/** The dose proposed for the next session on a rung, from the last one logged. */
final readonly class NextDoseView
{
    public function __construct(
        public string $rung,
        public string $dose,
        public bool $rises,
        public bool $lighter,
        public ReasonView $reason,
    ) {}
}
