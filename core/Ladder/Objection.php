<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Side;
use EvenRungs\Reason\Reason;

/** One thing that speaks against a rung for a person, on one side or on both. */
final readonly class Objection
{
    /**
     * @param string $key            what it is of, for an allowance: the limit as it was noted, or the kit; empty where the method or the practice puts the rung away
     * @param bool   $asksClinician  what it keeps is opened by a clinician's word, never by the trainer's
     */
    public function __construct(public Reason $reason, public Side $side, public string $key = '', public bool $asksClinician = false) {}

    /** A limit of the body or missing kit: such a rung reaches no week, sheet or player. */
    public function isLimitOrKit(): bool
    {
        return $this->key !== '';
    }

    public function mayBeAllowed(): bool
    {
        return $this->isLimitOrKit() && ! $this->asksClinician;
    }
}
