<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\SessionLog;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\Proposal;
use EvenRungs\Progress\RungSession;

/** A rung whose last session has not been decided on, with what the rules propose. */
final readonly class PendingDecision
{
    public function __construct(
        public SessionLog $log,
        public Ladder $ladder,
        public Rung $rung,
        public Side $side,
        public RungSession $session,
        public Proposal $proposal,
        public bool $reopened,
    ) {}
}
