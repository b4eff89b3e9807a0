<?php

declare(strict_types=1);

namespace App\Http\Practice;

use EvenRungs\Balance\Aim;

/** The parts of work an aim asks for, by demand. */
final readonly class AimSharesView
{
    /** @param \ArrayObject<string, int> $shares */
    public function __construct(
        public Aim $aim,
        public \ArrayObject $shares,
    ) {}
}
