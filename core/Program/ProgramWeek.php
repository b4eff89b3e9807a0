<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Calendar\Day;
use EvenRungs\Reason\Reason;
use EvenRungs\Session\Session;

/** One week of a program. */
final readonly class ProgramWeek
{
    /**
     * @param int                        $number   from 1, in what was asked for; 0 for a week away
     * @param array<string, ProgramCell> $cells    by ladder, those in use
     * @param array<string, Session>     $sessions by slot; none for a slot in which nothing fits
     * @param array<string, Reason>      $whySets  by ladder: which sets it has got, and why
     * @param list<ProgramSlot>          $slots    when its sessions are
     * @param list<Reason>               $notes    what could not be done, and what would make it possible
     * @param Reason|null                $phase    what should lead in it, and whether it does
     * @param int                        $ofProgram its number in the whole program, of which the rest may have been asked for
     * @param Phase|null                 $leads    what should lead in it; null in a week away
     */
    public function __construct(
        public int $number,
        public Day $monday,
        public WeekKind $kind,
        public bool $retests,
        public array $cells,
        public array $sessions,
        public int $agreementPerMille,
        public array $whySets,
        public array $notes,
        public array $slots = [],
        public ?Reason $phase = null,
        public int $ofProgram = 0,
        public ?Phase $leads = null,
    ) {}

    /** Seconds of all its sessions. */
    public function seconds(): int
    {
        return array_sum(array_map(static fn(Session $session): int => $session->timeline()->totals()->total(), $this->sessions));
    }

    /** Seconds under tension. */
    public function work(): int
    {
        return array_sum(array_map(static fn(Session $session): int => $session->timeline()->totals()->work, $this->sessions));
    }

    /** Sets of a ladder over the week. */
    public function sets(string $ladder): int
    {
        $sets = 0;
        foreach ($this->sessions as $session) {
            foreach ($session->items() as $item) {
                $sets += $item->rung->ladder === $ladder ? $item->dose->sets() : 0;
            }
        }

        return $sets;
    }
}
