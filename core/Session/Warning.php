<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Reason\Reason;

/** Something the trainer should know before a session is used, and the repair for it where there is one. */
final readonly class Warning
{
    public function __construct(public Reason $reason, public ?Repair $repair = null) {}
}
