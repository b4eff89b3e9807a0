<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Side;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\Proposal;
use EvenRungs\Progress\RungSession;

/** A rung whose last session has not been decided on, with what the rules propose. */
final readonly class PendingDecision
{
    /** @param string|null $news why it waits again, or only now */
    public function __construct(
        public LoggedSession $log,
        public Ladder $ladder,
        public Rung $rung,
        public Side $side,
        public RungSession $session,
        public Proposal $proposal,
        public ?string $news = null,
    ) {}

    /**
     * Sets that an easier version took over, by the name of its rung.
     *
     * @return array<string, int>
     */
    public function takenOver(Library $library): array
    {
        $items = array_column(array_filter($this->log->sets, fn(LoggedSet $set): bool => $set->rung === $this->session->rung->slug), 'item');
        $sets = [];
        foreach ($this->log->sets as $set) {
            $rung = $library->rung($set->rung);
            if ($rung->slug !== $this->session->rung->slug && in_array($set->item, $items, true)) {
                $sets[$rung->name] = ($sets[$rung->name] ?? 0) + 1;
            }
        }

        return $sets;
    }

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
