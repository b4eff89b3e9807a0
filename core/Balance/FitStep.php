<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Reason\Reason;
use EvenRungs\Session\Session;

/** One step towards the minutes: what it does, the seconds it saves, and the session once it and all before it are taken. */
final readonly class FitStep
{
    public function __construct(public Session $session, public int $savedSeconds, public int $totalSeconds, public Reason $reason) {}
}
