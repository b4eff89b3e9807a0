<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Limit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Screening\State;

/** A limit as it was noted with the person. */
final readonly class NotedLimit
{
    /**
     * @param bool   $cleared a clinician has cleared what the limit keeps for one; it holds only as long as the clearance
     * @param string $id      of the note
     */
    public function __construct(public State $state, public Side $side, public Day $since, public bool $cleared, public string $id = '') {}

    public function inForce(bool $clearanceHolds): Limit
    {
        return $this->state->limit($this->side, 'noted on '.$this->since->inWords(), $this->cleared && $clearanceHolds, $this->id);
    }
}
