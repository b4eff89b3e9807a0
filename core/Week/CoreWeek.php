<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Limit;

/** A week of core sessions among a person's other training. It repeats: Sunday is followed by Monday. */
final readonly class CoreWeek
{
    /** @var list<CoreSlot> in order of time */
    public array $slots;

    /**
     * @param list<CoreSlot>      $slots
     * @param list<OtherTraining> $other  what happens in this week
     * @param list<int>           $days   days on which the person trains, 1 Monday to 7 Sunday
     * @param list<Limit>         $limits
     * @param Shape|null          $shape  it was laid out from
     * @param bool                $isEasier in a program: each core demand once is enough
     */
    public function __construct(array $slots, public array $other = [], public array $days = [1, 2, 3, 4, 5, 6, 7], public array $limits = [], public ?Shape $shape = null, private bool $isEasier = false)
    {
        usort($slots, static fn(CoreSlot $a, CoreSlot $b): int => [$a->cell->index(), $a->cell->minute ?? 0, $a->id] <=> [$b->cell->index(), $b->cell->minute ?? 0, $b->id]);
        $this->slots = $slots;
    }

    public function slot(string $id): ?CoreSlot
    {
        foreach ($this->slots as $slot) {
            if ($slot->id === $id) {
                return $slot;
            }
        }

        return null;
    }

    /** @return list<OtherTraining> at one part of a day */
    public function otherAt(Cell $cell): array
    {
        return array_values(array_filter($this->other, static fn(OtherTraining $other): bool => $other->cell->is($cell)));
    }

    /** Lifting, endurance or sport stands there: something a primer can go before and a finisher after. */
    public function hasTrainingAt(Cell $cell): bool
    {
        return array_filter($this->otherAt($cell), static fn(OtherTraining $other): bool => $other->kind !== TrainingKind::Work) !== [];
    }

    public function isFree(Cell $cell): bool
    {
        return array_filter($this->slots, static fn(CoreSlot $slot): bool => $slot->cell->is($cell)) === [];
    }

    /** The session put elsewhere; what leans on training does so only where there is some. Null where a primer has nothing to go before. */
    public function moved(CoreSlot $slot, Cell $cell): ?CoreSlot
    {
        $training = $this->hasTrainingAt($cell);

        return match ($slot->placement) {
            SessionRole::Daily => $slot->with($cell),
            SessionRole::Primer => $training ? $slot->with($cell) : null,
            default => $slot->with($cell, $training ? SessionRole::Finisher : SessionRole::OwnDay),
        };
    }

    public function replacing(CoreSlot ...$changed): self
    {
        $by = [];
        foreach ($changed as $slot) {
            $by[$slot->id] = $slot;
        }

        return new self(array_map(static fn(CoreSlot $slot): CoreSlot => $by[$slot->id] ?? $slot, $this->slots), $this->other, $this->days, $this->limits, $this->shape, $this->isEasier);
    }

    public function without(string $id): self
    {
        return new self(array_values(array_filter($this->slots, static fn(CoreSlot $slot): bool => $slot->id !== $id)), $this->other, $this->days, $this->limits, $this->shape, $this->isEasier);
    }

    public function adding(CoreSlot $slot): self
    {
        return new self([...$this->slots, $slot], $this->other, $this->days, $this->limits, $this->shape, $this->isEasier);
    }

    /** In how many sessions a demand is met; where the person picks, as many as it is on average. */
    public function timesMet(Demand $demand): int
    {
        return intdiv(array_sum(array_map(static fn(CoreSlot $slot): int => $slot->meets($demand) ? $slot->content->chancePerMille($demand) : 0, $this->slots)) + 500, 1000);
    }

    /**
     * How often each core demand has to be met: twice with three sessions or more, else once. A primer is no such session,
     * and in a week of short finishers with an own day a finisher is none.
     */
    public function minimum(): int
    {
        return ! $this->isEasier && count(array_filter($this->slots, fn(CoreSlot $slot): bool => ! $slot->isPrimer() && ($this->shape !== Shape::FinisherAndOwnDays || $slot->placement !== SessionRole::Finisher))) >= 3 ? 2 : 1;
    }

    /** Planned load of the week: effort × minutes, added up. */
    public function load(): float
    {
        return array_sum(array_map(static fn(CoreSlot $slot): float => $slot->load(), $this->slots));
    }

    /** @return list<int> days with a core session, each once */
    public function coreDays(): array
    {
        $days = array_values(array_unique(array_map(static fn(CoreSlot $slot): int => $slot->cell->day, $this->slots)));
        sort($days);

        return $days;
    }

    /**
     * Days of hard work: a hard core session, or heavy lifting, endurance or sport.
     *
     * @return list<int>
     */
    public function hardDays(): array
    {
        $days = [
            ...array_map(static fn(CoreSlot $slot): int => $slot->cell->day, array_filter($this->slots, static fn(CoreSlot $slot): bool => $slot->isHard())),
            ...array_map(static fn(OtherTraining $other): int => $other->cell->day, array_filter($this->other, static fn(OtherTraining $other): bool => $other->heavy && $other->kind !== TrainingKind::Work)),
        ];
        $days = array_values(array_unique($days));
        sort($days);

        return $days;
    }

    /**
     * Parts of days in which the trunk still recovers from a hard session: the rest of that day and the next.
     *
     * @return array<int, CoreSlot> the session, by place of the cell in the week
     */
    public function recovering(): array
    {
        $cells = [];
        foreach ($this->slots as $slot) {
            if (! $slot->isHard()) {
                continue;
            }
            $until = 3 * $slot->cell->day + 2;
            for ($at = $slot->cell->index() + 1; $at <= $until; $at++) {
                $cells[$at % 21] = $slot;
            }
        }
        ksort($cells);

        return $cells;
    }
}
