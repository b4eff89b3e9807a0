<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ReasonView;

/** An exercise that is left out until something is decided. */
final readonly class WaitingItemView
{
    public function __construct(
        public string $item,
        public ReasonView $reason,
    ) {}
}
