<?php

declare(strict_types=1);

namespace EvenRungs\Home;

use EvenRungs\Calendar\Day;

/** What there is from home that the trainer has to see to: what was told, and that nothing was. */
final readonly class HomeNews
{
    /** Days without a word from home after which the trainer is told: common practice, ours. */
    public const QUIET_DAYS = 10;

    /**
     * @param list<HomeNote> $notes       nobody has seen to yet, the oldest first
     * @param Day|null       $lastHeard   when something came last, or the first link was made; null while no link opens or nothing is planned
     * @param list<string>   $held        stages of a sheet that were held back, in sentences
     * @param int            $undelivered messages that did not reach the person
     */
    public function __construct(public array $notes = [], public ?Day $lastHeard = null, public array $held = [], public int $undelivered = 0) {}

    /** The day from which on nothing has come for too long. */
    public function quietFrom(): ?Day
    {
        return $this->lastHeard?->plusDays(self::QUIET_DAYS);
    }

    public function isQuiet(Day $today): bool
    {
        $from = $this->quietFrom();

        return $from !== null && ! $today->isBefore($from);
    }

    public function quietSentence(): string
    {
        return 'Nothing has come from home since '.($this->lastHeard?->inWords() ?? 'the beginning').'.';
    }

    /** The note to see to first: how somebody is goes before when they train. */
    public function first(): ?HomeNote
    {
        $asked = array_values(array_filter($this->notes, static fn(HomeNote $note): bool => $note->isAskedAbout()));

        return $asked[0] ?? $this->notes[0] ?? null;
    }
}
