<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\ReasonView;
use EvenRungs\Body\Side;

/** What a change of limits or kit does to one working rung. */
final readonly class LimitEffectView
{
    public function __construct(
        public string $ladder,
        public string $ladderName,
        public Side $side,
        public string $from,
        public ?SubstituteView $to,
        public ReasonView $reason,
    ) {}
}
