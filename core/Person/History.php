<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Assessment\Braced;
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
     * @param Braced|null              $brace    the newest brace check
     * @param bool|null                $braceHeld whether that held its minute; null where none was taken
     */
    private function __construct(public array $placings, public array $decisions, private ?array $logs, private ?array $holds, private ?array $climbs, public ?Day $lastTest, private ?Braced $brace = null, public ?bool $braceHeld = null) {}

    /**
     * @param list<Placing> $placings
     * @param list<Decided> $decisions
     */
    public static function forPlanning(array $placings, array $decisions, ?bool $braceHeld = null): self
    {
        return new self($placings, $decisions, null, null, null, null, null, $braceHeld);
    }

    /**
     * @param list<Placing>       $placings
     * @param list<Decided>       $decisions
     * @param list<LoggedSession> $logs
     * @param list<Hold>          $holds
     * @param list<Climbed>       $climbs    the newest first
     */
    public static function of(array $placings, array $decisions, array $logs, array $holds, array $climbs, ?Day $lastTest, ?Braced $brace = null): self
    {
        return new self($placings, $decisions, $logs, $holds, $climbs, $lastTest, $brace, $brace?->check->held);
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

    /** The newest brace check; null where none was taken. */
    public function brace(): ?Braced
    {
        return $this->brace;
    }

    /** @return list<Climbed> */
    public function climbs(): array
    {
        return $this->climbs ?? throw new \LogicException('The climb tests were not read for planning.');
    }
}
