<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Side;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\Proposal;
use EvenRungs\Progress\RungSession;

/** A rung whose last session has not been decided on, with what the rules propose. */
final readonly class PendingDecision
{
    public function __construct(
        public LoggedSession $log,
        public Ladder $ladder,
        public Rung $rung,
        public Side $side,
        public RungSession $session,
        public Proposal $proposal,
        public bool $reopened,
    ) {}

    /** How soon it is to be looked at, lower first: what can hurt before what can wait. */
    public function urgency(): int
    {
        return match ($this->proposal->choice) {
            Decision::Refer => 0,
            Decision::StopLadder => 1,
            Decision::StepDown => 2,
            Decision::Climb => 3,
            Decision::Stay => 4,
        };
    }
}
