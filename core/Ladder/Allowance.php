<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Calendar\Day;

/**
 * A rung the trainer allows one person in spite of what rules it out, with a written reason. It covers the objections
 * it was given against and no others: what is noted later closes the rung again.
 */
final readonly class Allowance
{
    /** @param list<string> $against keys of the objections: the limit as it was noted, or the kit that is missing */
    public function __construct(public string $id, public string $rung, public array $against, public string $reason, public Day $on) {}

    public function covers(Objection $objection): bool
    {
        return $objection->mayBeAllowed() && in_array($objection->key, $this->against, true);
    }
}
