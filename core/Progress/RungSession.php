<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Body\Sidedness;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Rung;

/** What happened on one rung in one logged session. */
final readonly class RungSession
{
    /**
     * @param list<SetLog> $sets       in the order they were done
     * @param int          $sequence   order in time of the logging, on the same scale as placings
     * @param list<SetLog> $optional   sets on top, done because the last was clean: of them only pain counts
     * @param string|null  $insteadOf  slug of the rung it took over from; null where it was written so
     * @param int|null     $told       when it was told, in order of time; as it was logged where null
     * @param self|null    $ofOneSide  what one side did alone of a station by the clock, where it is judged as the whole of it
     */
    public function __construct(
        public Day $date,
        public Rung $rung,
        public Dose $dose,
        public array $sets,
        public int $sequence = 0,
        public ?Morning $morning = null,
        public array $optional = [],
        public ?string $insteadOf = null,
        public ?int $told = null,
        private ?self $ofOneSide = null,
    ) {}

    /** What was asked for and done, in the words of who told it. */
    public function asTold(): self
    {
        return $this->ofOneSide ?? $this;
    }

    /**
     * Of a station by the clock one side alone had its part: it is judged as the station that was asked for.
     *
     * @param \Closure(?int): ?int $whole seconds of a side in those of the station
     */
    public function asStation(Dose $station, \Closure $whole): self
    {
        $sets = array_map(static fn(SetLog $set): SetLog => $set->withDone(array_map($whole, $set->done)), $this->sets);

        return new self($this->date, $this->rung, $station, $sets, $this->sequence, $this->morning, $this->optional, $this->insteadOf, $this->told, $this);
    }

    /** @return array<string, string> what a reason says of it */
    public function asInput(): array
    {
        return ['last time' => DoseLine::print($this->asTold()->dose).' on '.$this->date->inWords()];
    }

    /** Highest pain told in a set; null when none was. */
    public function pain(): ?int
    {
        $told = array_filter(array_map(static fn(SetLog $set): ?int => $set->pain, [...$this->sets, ...$this->optional]), is_int(...));

        return $told === [] ? null : max($told);
    }

    /** Highest pain that was there before and is not where the rung loads; null when there was none. */
    public function keptPain(): ?int
    {
        $kept = array_filter(array_map(static fn(SetLog $set): ?int => $set->keptPain, $this->sets), is_int(...));

        return $kept === [] ? null : max($kept);
    }

    /** Highest effort told in a set; null when none was. */
    public function effort(): ?int
    {
        $told = array_filter(array_map(static fn(SetLog $set): ?int => $set->effort, $this->sets), is_int(...));

        return $told === [] ? null : max($told);
    }

    /** @return list<int> numbers of the sets with a fault, from 1 */
    public function setsWithFault(): array
    {
        $numbers = [];
        foreach ($this->sets as $index => $set) {
            if ($set->faults() !== []) {
                $numbers[] = $index + 1;
            }
        }

        return $numbers;
    }

    /** Every planned set and side at its target; missing is not reached. */
    public function reachedTarget(): bool
    {
        foreach ($this->sets as $index => $set) {
            $least = $set->least();
            if ($least === null || $least < $this->dose->body(min($index + 1, $this->dose->allSets()))->target()) {
                return false;
            }
        }

        return count($this->sets) >= $this->dose->allSets();
    }

    /** Where it was felt, a wrong place before a right one; null when nobody asked. */
    public function felt(): ?Felt
    {
        return Felt::of(...array_map(static fn(SetLog $set): ?Felt => $set->felt, $this->sets));
    }

    public function feltWrong(): bool
    {
        return $this->felt()?->isWrong() === true;
    }

    /** Some set was told to end below its target. */
    public function missedTarget(): bool
    {
        return $this->isBelow(static fn(int $target): int => $target);
    }

    /**
     * Some set was told to end below its low end.
     *
     * @param \Closure(int): int $lowEnd from the target of a set
     */
    public function isBelow(\Closure $lowEnd): bool
    {
        foreach ($this->sets as $index => $set) {
            $least = $set->least();
            if ($least !== null && $least < $lowEnd($this->dose->body(min($index + 1, $this->dose->allSets()))->target())) {
                return true;
            }
        }

        return false;
    }

    /** What was done in a set, the weaker side of it, on the average of those that were told; null where none was. */
    public function doneInASet(): ?int
    {
        $told = array_filter(array_map(static fn(SetLog $set): ?int => $set->least(), $this->sets), is_int(...));

        return $told === [] ? null : intdiv(array_sum($told), count($told));
    }

    public function everyTick(): bool
    {
        foreach ($this->sets as $set) {
            if (! $set->everyTick($this->rung->asksForBreathing($this->dose), $this->rung->sidedness !== Sidedness::OneSided)) {
                return false;
            }
        }

        return count($this->sets) >= $this->dose->allSets();
    }

    /** In form but for the last of several sets, and without pain: the dose was a little too much. */
    public function endsInAFault(): bool
    {
        $sets = count($this->sets);

        return $sets > 1 && $this->setsWithFault() === [$sets] && ($this->pain() ?? 0) === 0;
    }

    /** Short, or out of form at its end: once it is tried again, as it is. */
    public function isNotWhole(): bool
    {
        return $this->isShort() || $this->endsInAFault();
    }

    /** Short of the target in some set, in good form and without pain. */
    public function isShort(): bool
    {
        return $this->setsWithFault() === [] && ($this->pain() ?? 0) === 0 && $this->missedTarget();
    }

    /** Too hard, out of reach, painful or not in form; what nobody told of is none of these. */
    public function wasTooMuch(int $highestEffort): bool
    {
        return ($this->effort() ?? 0) > $highestEffort || $this->setsWithFault() !== [] || Pain::acts($this->pain() ?? 0) || $this->isShort();
    }

    /**
     * Every planned set and side at its target, every asked tick yes, felt right, and no pain.
     *
     * @param int $allowedPain under a clinician's written scope
     */
    public function isClean(int $allowedPain = 0): bool
    {
        return $this->reachedTarget() && $this->everyTick() && ! $this->feltWrong() && $this->painAtMost($allowedPain) === true;
    }

    /** Pain told in every set and none above what is allowed; null when a number is missing. */
    public function painAtMost(int $allowed): ?bool
    {
        $worst = $this->pain();
        if ($worst !== null && $worst > $allowed) {
            return false;
        }
        foreach ($this->sets as $set) {
            if ($set->pain === null) {
                return null;
            }
        }

        return count($this->sets) >= $this->dose->allSets() ? true : null;
    }

    /** Pain that stops a ladder: above 5, travelling, or worse next morning. */
    public function isStopEvent(): bool
    {
        return Pain::stops($this->pain() ?? 0)
            || $this->morning?->isBad() === true
            || array_filter([...$this->sets, ...$this->optional], static fn(SetLog $set): bool => $set->travellingPain) !== [];
    }
}
