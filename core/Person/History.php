<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Assessment\Climbed;
use EvenRungs\Assessment\Hold;
use EvenRungs\Calendar\Day;

/**
 * What happened to a person, in order of time. Planning asks only where the person stands: it is given the placings
 * that hold, and asking it for logs or tests is an error, not an empty answer.
 */
final readonly class History
{
    /**
     * @param list<Placing>            $placings
     * @param list<Decided>            $decisions
     * @param list<LoggedSession>|null $logs
     * @param list<Hold>|null          $holds
     * @param list<Climbed>|null       $climbs   the newest first
     */
    private function __construct(public array $placings, public array $decisions, private ?array $logs, private ?array $holds, private ?array $climbs, public ?Day $lastTest) {}

    /**
     * @param list<Placing> $placings
     * @param list<Decided> $decisions
     */
    public static function forPlanning(array $placings, array $decisions): self
    {
        return new self($placings, $decisions, null, null, null, null);
    }

    /**
     * @param list<Placing>       $placings
     * @param list<Decided>       $decisions
     * @param list<LoggedSession> $logs
     * @param list<Hold>          $holds
     * @param list<Climbed>       $climbs    the newest first
     */
    public static function of(array $placings, array $decisions, array $logs, array $holds, array $climbs, ?Day $lastTest): self
    {
        return new self($placings, $decisions, $logs, $holds, $climbs, $lastTest);
    }

    /** @return list<LoggedSession> */
    public function logs(): array
    {
        return $this->logs ?? throw new \LogicException('The logs were not read for planning.');
    }

    /** @return list<Hold> */
    public function holds(): array
    {
        return $this->holds ?? throw new \LogicException('The timed holds were not read for planning.');
    }

    /** @return list<Climbed> */
    public function climbs(): array
    {
        return $this->climbs ?? throw new \LogicException('The climb tests were not read for planning.');
    }
}
