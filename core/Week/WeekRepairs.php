<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Body\Demand;
use EvenRungs\Reason\Rule;

/** What would mend a clash: move, swap, another placement, lighten, one more. Each leaves fewer clashes than there were. */
final readonly class WeekRepairs
{
    private const LIGHT_EFFORT = 6;

    /** @var array<string, true> clashes there are, by key */
    private array $there;

    private function __construct(private CoreWeek $week)
    {
        $keys = array_map(static fn(Clash $clash): string => $clash->key(), Clashes::in($week));
        $this->there = array_fill_keys($keys, true);
    }

    /** @return list<WeekRepair> the best of each kind, at most three */
    public static function for(CoreWeek $week, Clash $clash): array
    {
        $here = new self($week);
        $repairs = [];
        foreach ([$here->placements($clash), $here->moves($clash), $here->swaps($clash), $here->lighter($clash), $here->again($clash)] as $candidates) {
            $best = $here->best($clash, $candidates);
            if ($best !== null) {
                $repairs[] = $best;
            }
        }

        return array_slice($repairs, 0, 3);
    }

    /**
     * @param list<array{WeekRepair, CoreWeek, int}> $candidates repair, week after it, how far it goes from what was planned
     */
    private function best(Clash $clash, array $candidates): ?WeekRepair
    {
        $best = null;
        foreach ($candidates as [$repair, $after, $far]) {
            $keys = array_map(static fn(Clash $left): string => $left->key(), Clashes::in($after));
            $new = array_filter($keys, fn(string $key): bool => ! isset($this->there[$key]));
            if (in_array($clash->key(), $keys, true) || $new !== [] || count($keys) >= count($this->there)) {
                continue;
            }
            $rank = [count($keys), $far];
            if ($best === null || $rank < $best[0]) {
                $best = [$rank, $repair];
            }
        }

        return $best[1] ?? null;
    }

    /** @return list<array{WeekRepair, CoreWeek, int}> */
    private function placements(Clash $clash): array
    {
        $candidates = [];
        foreach ($this->slots($clash) as $slot) {
            foreach ([SessionRole::Finisher, SessionRole::OwnDay] as $place => $placement) {
                if ($placement !== $slot->placement && $slot->placement !== SessionRole::Daily) {
                    $changed = $slot->with(placement: $placement);
                    $label = "Make “{$slot->content->title}” ".($placement === SessionRole::Finisher ? 'a finisher after the training' : 'a session on its own');
                    $candidates[] = [new WeekRepair($label, [WeekEdit::to($changed)]), $this->week->replacing($changed), $place];
                }
            }
        }

        return $candidates;
    }

    /** @return list<array{WeekRepair, CoreWeek, int}> */
    private function moves(Clash $clash): array
    {
        $candidates = [];
        foreach ($this->movable($this->slots($clash)) as $slot) {
            foreach (Cell::week() as $cell) {
                $moved = $this->week->isFree($cell) ? $this->week->moved($slot, $cell) : null;
                if ($moved !== null) {
                    $candidates[] = [
                        new WeekRepair("Move “{$slot->content->title}” to {$cell->inWords()}".($moved->placement === SessionRole::Finisher ? ', after the training' : ''), [WeekEdit::to($moved)]),
                        $this->week->replacing($moved),
                        $this->distance($slot->cell, $cell),
                    ];
                }
            }
        }

        return $candidates;
    }

    /** @return list<array{WeekRepair, CoreWeek, int}> */
    private function swaps(Clash $clash): array
    {
        $candidates = [];
        foreach ($this->movable($this->slots($clash)) as $slot) {
            foreach ($this->movable($this->week->slots) as $other) {
                $here = $this->week->moved($slot, $other->cell);
                $there = $this->week->moved($other, $slot->cell);
                if ($other->id !== $slot->id && $here !== null && $there !== null) {
                    $candidates[] = [
                        new WeekRepair("Swap “{$slot->content->title}” ({$slot->cell->inWords()}) with “{$other->content->title}” ({$other->cell->inWords()})", [WeekEdit::to($here), WeekEdit::to($there)]),
                        $this->week->replacing($here, $there),
                        $this->distance($slot->cell, $other->cell),
                    ];
                }
            }
        }

        return $candidates;
    }

    /** @return list<array{WeekRepair, CoreWeek, int}> */
    private function lighter(Clash $clash): array
    {
        $highest = WeekPlacing::effort($this->week->limits, self::LIGHT_EFFORT);
        $candidates = [];
        foreach ($this->slots($clash) as $slot) {
            if ($slot->effort > $highest) {
                $changed = $slot->with(effort: $highest);
                $candidates[] = [new WeekRepair("Lighten “{$slot->content->title}” on {$slot->cell->inWords()}: effort {$highest}", [WeekEdit::to($changed)]), $this->week->replacing($changed), 0];
            }
        }

        return $candidates;
    }

    /** @return list<array{WeekRepair, CoreWeek, int}> */
    private function again(Clash $clash): array
    {
        $demand = $clash->reason->rule === Rule::WeekDemand ? Demand::tryFrom($clash->about) : null;
        if ($demand === null) {
            return [];
        }
        $candidates = [];
        foreach (array_filter($this->week->slots, static fn(CoreSlot $slot): bool => $slot->meets($demand)) as $slot) {
            foreach (Cell::week() as $cell) {
                $again = $this->week->isFree($cell) ? $this->week->moved($slot, $cell) : null;
                if ($again !== null) {
                    $new = new CoreSlot('again', $again->cell, $again->placement, $again->effort, $again->content);
                    $candidates[] = [new WeekRepair("“{$slot->content->title}” once more, on {$cell->inWords()}", [WeekEdit::again($again)]), $this->week->adding($new), $this->distance($slot->cell, $cell)];
                }
            }
        }

        return $candidates;
    }

    /** @return list<CoreSlot> that the clash is about */
    private function slots(Clash $clash): array
    {
        return array_values(array_filter($this->week->slots, static fn(CoreSlot $slot): bool => in_array($slot->id, $clash->slots, true)));
    }

    /**
     * A squad meets when it meets: what stands beside it is moved.
     *
     * @param list<CoreSlot> $slots
     *
     * @return list<CoreSlot>
     */
    private function movable(array $slots): array
    {
        return array_values(array_filter($slots, static fn(CoreSlot $slot): bool => ! Meeting::isAt($slot->id, $slot->cell)));
    }

    /** Days away first, then parts of the day; a day on which the person does not train counts as a week away. */
    private function distance(Cell $from, Cell $to): int
    {
        return (in_array($to->day, $this->week->days, true) ? 0 : 100) + 10 * abs($from->day - $to->day) + abs($from->part->place() - $to->part->place());
    }
}
