<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Side;
use EvenRungs\Ladder\Library;
use EvenRungs\Progress\RungSession;

/** The logs of a history as the rules read them: read once, also where it is asked what would follow from a decision or other kit. */
final class RungSessions
{
    /** @var array<string, list<RungSession>> by side */
    private array $read = [];

    public function __construct(private readonly Library $library, private readonly History $history) {}

    /**
     * What was logged inside the window of the rules, each exercise of a session once, with what was done on the given side.
     *
     * @return list<RungSession>
     */
    public function of(Side $side): array
    {
        return $this->read[$side->value] ??= array_merge(...array_map(fn(LoggedSession $log): array => $log->exercises($this->library, $side), $this->history->logs()));
    }
}
