<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Reason\Reason;

/** One condition of the gate: met, not met, or not known because something was not logged (null). */
final readonly class Condition
{
    public function __construct(public ?bool $met, public Reason $reason) {}
}
