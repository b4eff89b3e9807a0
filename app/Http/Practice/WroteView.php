<?php

declare(strict_types=1);

namespace App\Http\Practice;

/** How often something of a step was changed. */
final readonly class WroteView
{
    public function __construct(public string $step, public int $times) {}
}
