<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Assessment\Braced;
use EvenRungs\Assessment\Climbed;
use EvenRungs\Assessment\Hold;
use EvenRungs\Calendar\Day;
use EvenRungs\Home\HomeNews;

/**
 * What happened to a person, in order of time. Planning asks only where the person stands: it is given the placings
 * that hold, and asking it for logs or tests is an error, not an empty answer.
 */
final readonly class History
{
    /**
     * @param list<Placing>            $placings
     * @param list<Decided>            $decisions
     * @param list<LoggedSession>|null $logs      inside the window of the rules, by date
     * @param list<DoneSession>|null   $done      by date
     * @param Day|null                 $doneSince from when on; null for ever
     * @param list<Hold>|null          $holds
     * @param list<Climbed>|null       $climbs    the newest first
     * @param Braced|null              $brace     the newest brace check
     * @param bool|null                $braceHeld whether that held its minute; null where none was taken
     * @param list<OpenTraining>       $open      trainings of which something has to be said first, by date
     * @param HomeNews                 $home      what there is from home to see to
     * @param list<string>             $readers   whose note no trainer has read yet, by name, the oldest first
     */
    private function __construct(public array $placings, public array $decisions, private ?array $logs, private ?array $done, private ?Day $doneSince, private ?array $holds, private ?array $climbs, public ?Day $lastTest, private ?Braced $brace = null, public ?bool $braceHeld = null, public array $open = [], public HomeNews $home = new HomeNews, public array $readers = []) {}

    /**
     * @param list<Placing> $placings
     * @param list<Decided> $decisions
     */
    public static function forPlanning(array $placings, array $decisions, ?bool $braceHeld = null): self
    {
        return new self($placings, $decisions, null, null, null, null, null, null, null, $braceHeld);
    }

    /**
     * Of everything that was logged, or of what the window of the rules leaves of it.
     *
     * @param list<Placing>          $placings
     * @param list<Decided>          $decisions
     * @param list<LoggedSession>    $logs
     * @param list<Hold>             $holds
     * @param list<Climbed>          $climbs    the newest first
     * @param list<DoneSession>|null $done      in brief; from the logs where null
     * @param Day|null               $doneSince from when on those are known; null for ever
     * @param list<OpenTraining>     $open      trainings of which something has to be said first, by date
     * @param HomeNews               $home      what there is from home to see to
     * @param list<string>           $readers   whose note no trainer has read yet, by name, the oldest first
     */
    public static function of(array $placings, array $decisions, array $logs, array $holds, array $climbs, ?Day $lastTest, ?Braced $brace = null, ?array $done = null, ?Day $doneSince = null, array $open = [], HomeNews $home = new HomeNews, array $readers = []): self
    {
        $done ??= array_map(DoneSession::of(...), $logs);
        usort($done, static fn(DoneSession $a, DoneSession $b): int => [$a->on->iso(), $a->sequence] <=> [$b->on->iso(), $b->sequence]);

        return new self($placings, $decisions, Window::of($logs), $done, $doneSince, $holds, $climbs, $lastTest, $brace, $brace?->check->held, $open, $home, $readers);
    }

    /** With one decision more, and the move it makes. */
    public function with(Decided $decided, ?Placing $placing): self
    {
        return new self($placing === null ? $this->placings : [...$this->placings, $placing], [...$this->decisions, $decided], $this->logs, $this->done, $this->doneSince, $this->holds, $this->climbs, $this->lastTest, $this->brace, $this->braceHeld, $this->open, $this->home, $this->readers);
    }

    /** @return list<LoggedSession> inside the window of the rules, by date */
    public function logs(): array
    {
        return $this->logs ?? throw new \LogicException('The logs were not read for planning.');
    }

    /**
     * What was done from a day on, in brief; without one, as far back as it was read.
     *
     * @return list<DoneSession> by date
     */
    public function done(?Day $since = null): array
    {
        if ($this->done === null || ($since !== null && $this->doneSince !== null && $since->isBefore($this->doneSince))) {
            throw new \LogicException('What was done was not read, or not so far back.');
        }

        return $since === null ? $this->done : array_values(array_filter($this->done, static fn(DoneSession $one): bool => ! $one->on->isBefore($since)));
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
