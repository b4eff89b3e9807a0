<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Side;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;

/** What decides which rungs a person may stand on: limits of the body, the kit at hand and the trainer's method. */
final readonly class Circumstances
{
    /** @var \WeakMap<Rung, Ruling> rungs ruled on before */
    private \WeakMap $rulings;

    /** @var \WeakMap<Ladder, array{Rung|null}> asked for before: a path asks at every move */
    private \WeakMap $highestOpen;

    /**
     * @param list<Limit> $limits
     * @param list<Kit>   $kit
     * @param list<Allowance> $allowances what the trainer allowed in spite of them
     * @param (\Closure(Rung, Method): ?Rung)|null $unprepared the activation rung that should come before a rung and is not done; null asks nobody
     */
    public function __construct(public array $limits, public array $kit, public Method $method, private array $allowances = [], private ?\Closure $unprepared = null)
    {
        $this->rulings = new \WeakMap;
        $this->highestOpen = new \WeakMap;
    }

    public function rule(Rung $rung): Ruling
    {
        return $this->rulings[$rung] ??= Ruling::of($rung, $this);
    }

    /** The same person under another method. */
    public function under(Method $method): self
    {
        return new self($this->limits, $this->kit, $method, $this->allowances, $this->unprepared);
    }

    /** What the trainer allowed against an objection to a rung; null where nothing was. */
    public function allowance(Rung $rung, Objection $objection): ?Allowance
    {
        foreach ($this->allowances as $allowance) {
            if ($allowance->rung === $rung->slug && $allowance->covers($objection)) {
                return $allowance;
            }
        }

        return null;
    }

    /** The activation rung that should be done before a rung and is not; null where none is missing. */
    public function missingBefore(Rung $rung): ?Rung
    {
        return $this->unprepared === null || $rung->preparedBy === [] ? null : ($this->unprepared)($rung, $this->method);
    }

    /** Whether a belly that domes is a fault for this person. */
    public function watchDoming(): bool
    {
        return array_filter($this->limits, static fn(Limit $limit): bool => $limit->watchesDoming) !== [];
    }

    /** @return list<Limit> those that ask for as few changes of position as there can be */
    public function forFewPositions(): array
    {
        return array_values(array_filter($this->limits, static fn(Limit $limit): bool => $limit->fewPositions));
    }

    /** Highest effort a climb may have asked for: 7 of 10, near the limit 9 (common practice), less where a limit or an age says so. */
    public function highestEffort(): int
    {
        return min([$this->method->says(Answer::NearTheLimit) ? 9 : 7, ...array_map(static fn(Limit $limit): int => $limit->highestEffort ?? 10, $this->limits)]);
    }

    /** Whether a limit or an age asks for less effort than the method does. */
    public function asksForLessEffort(): bool
    {
        return array_filter($this->limits, static fn(Limit $limit): bool => $limit->highestEffort !== null) !== [];
    }

    /** How many rungs lower than measured the limits place the person in a demand. */
    public function rungsLower(Demand $demand): int
    {
        return max(0, ...array_map(static fn(Limit $limit): int => $limit->lowers($demand), $this->limits), ...[0]);
    }

    /** Highest rung of a ladder that is open on at least one side, or null. */
    public function highestOpen(Ladder $ladder): ?Rung
    {
        $this->highestOpen[$ladder] ??= [$this->lookFromTheTop($ladder)];

        return $this->highestOpen[$ladder][0];
    }

    private function lookFromTheTop(Ladder $ladder): ?Rung
    {
        foreach (array_reverse($ladder->rungs) as $rung) {
            if ($this->rule($rung)->openSomewhere()) {
                return $rung;
            }
        }

        return null;
    }

    /** The next rung of the trunk in one direction that is open on the side, or on at least one when none is named; or null. */
    public function nextOpen(Ladder $ladder, Rung $rung, bool $up, ?Side $on = null): ?Rung
    {
        do {
            $rung = $up ? $ladder->above($rung, $this->method) : $ladder->below($rung, $this->method);
        } while ($rung !== null && ! ($on === null ? $this->rule($rung)->openSomewhere() : $this->rule($rung)->openOn($on)));

        return $rung;
    }

    /** The next one down of the trunk that is open somewhere, and no higher: a school may put a lower rung after a higher one. */
    public function lower(Ladder $ladder, Rung $rung): ?Rung
    {
        $lower = $rung;
        do {
            $lower = $this->nextOpen($ladder, $lower, up: false);
        } while ($lower !== null && $lower->height->above($rung->height) > 0);

        return $lower;
    }

    /**
     * What is said of the easier version of a rung, within what is open to the person: where its own is not, the next one down.
     *
     * @param Rung|null $own   the rung its words mean; null where they mean none
     * @param bool      $mayDo whether they may do that one for all that is not a matter of what is open
     */
    public function easierInWords(Ladder $ladder, Rung $rung, ?Rung $own, bool $mayDo = true): string
    {
        if ($own === null || ($mayDo && $this->rule($own)->openSomewhere())) {
            return $rung->coaching()->fallback;
        }
        $lower = $this->lower($ladder, $rung);

        return $lower === null ? 'End the set earlier, or leave one out.' : "“{$lower->name}”.";
    }
}
