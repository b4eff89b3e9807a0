<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Body\Demand;

/**
 * A week while sets are put into it and taken out again: what room is left, what is still missing to the shares and to
 * the minimum of each demand, and what that costs, in half seconds.
 *
 * A place is an exercise in a session: session × offers + offer. What is asked hundreds of thousands of times is kept
 * in flat lists of whole numbers, and may be read from outside.
 */
final class FilledWeek
{
    public readonly int $offers;

    /**
     * @var array<int, int> sets by place
     *
     * @phpstan-readonly-allow-private-mutation
     */
    public array $sets = [];

    /**
     * @var array<int, int> seconds left, by session
     *
     * @phpstan-readonly-allow-private-mutation
     */
    public array $left = [];

    /** @var array<int, int> half seconds still missing to the goal, by demand; negative when there are more */
    private array $missing = [];

    /** @var array<int, array<int, int>> exercises by session and demand */
    private array $present = [];

    /** @var array<int, int> sessions in which a demand is met */
    private array $met = [];

    /** @var array<int, true> places that do not change: fixed by the trainer, or barred for the moment */
    private array $closed = [];

    /** @phpstan-readonly-allow-private-mutation */
    public int $cost = 0;

    /** @var list<int> of the demands, then of what else is wished for */
    private readonly array $goal;

    /** @var array<int, true> rows of which more than the goal is just as well */
    private readonly array $floors;

    /** @var list<int> */
    private readonly array $minimum;

    /** @var list<array<int, int>> half seconds of one set by demand, by offer; none at 0 */
    private readonly array $gives;

    /** @var list<int> the demand an offer meets; −1 where no week has to meet it */
    private readonly array $meets;

    /** @var list<int> */
    private readonly array $least;

    /** @var list<int> */
    private readonly array $most;

    /** @var list<int> seconds of one set more */
    private readonly array $more;

    /** @var list<int> seconds of the first sets, the change-over included */
    private readonly array $enter;

    /** @var list<int> seconds that an exercise takes beside those of its sets: the change-over, without the rest that no set follows */
    private readonly array $begins;

    /** Nothing stands in it before clear() or restore(). */
    public function __construct(private readonly SetProblem $problem)
    {
        $demands = Demand::withShare();
        $this->offers = count($problem->offers);
        $this->goal = [...array_map(static fn(Demand $demand): int => $problem->goal[$demand->value], $demands), ...array_map(static fn(array $wish): int => $wish[1], $problem->wishes)];
        $floors = [];
        foreach ($problem->wishes as $row => [, , $isFloor]) {
            if ($isFloor) {
                $floors[count($demands) + $row] = true;
            }
        }
        $this->floors = $floors;
        $this->minimum = array_map(static fn(Demand $demand): int => $problem->minimum[$demand->value] ?? 0, $demands);
        $gives = $meets = $least = $most = $more = $enter = $begins = [];
        foreach ($problem->offers as $index => $offer) {
            $gives[] = array_filter([...array_map($offer->gives(...), $demands), ...array_map(static fn(array $wish): int => $wish[0][$index], $problem->wishes)]);
            $at = array_search($offer->demand(), $demands, true);
            $meets[] = $at !== false && $this->minimum[$at] > 0 ? $at : -1;
            $least[] = $offer->leastSets;
            $most[] = $offer->mostSets;
            $more[] = $offer->setSeconds + $offer->restSeconds;
            $enter[] = $problem->time($index, $offer->leastSets);
            $begins[] = $problem->time($index, 1) - $more[$index];
        }
        [$this->gives, $this->meets, $this->least, $this->most, $this->more, $this->enter, $this->begins] = [$gives, $meets, $least, $most, $more, $enter, $begins];
    }

    /** Nothing but what is fixed. */
    public function clear(): void
    {
        $sessions = count($this->problem->seconds);
        $this->sets = array_fill(0, $sessions * $this->offers, 0);
        $this->left = array_map($this->problem->room(...), array_keys($this->problem->seconds));
        $this->missing = $this->goal;
        $this->present = array_fill(0, $sessions, array_fill(0, count($this->goal), 0));
        $this->met = array_fill(0, count($this->goal), 0);
        $this->closed = [];
        $this->cost = array_sum(array_map(abs(...), array_diff_key($this->goal, $this->floors))) + SetProblem::SHORT * array_sum($this->minimum);
        foreach ($this->problem->fixed as $session => $fixed) {
            foreach ($fixed as $offer => $sets) {
                $this->put($session * $this->offers + $offer, $sets);
                $this->closed[$session * $this->offers + $offer] = true;
            }
        }
    }

    /** @param array<int, int> $sets by place */
    public function restore(array $sets): void
    {
        $this->clear();
        foreach ($sets as $place => $count) {
            if ($count > 0) {
                $this->put($place, $count);
            }
        }
    }

    /** Puts in as much as a place takes at once; false where it takes nothing. */
    public function add(int $place): bool
    {
        $up = $this->up($place);
        if ($up > 0) {
            $this->put($place, $this->sets[$place] + $up);
        }

        return $up > 0;
    }

    /** Takes an exercise out of a session and keeps it out. */
    public function bar(int $place): void
    {
        $this->put($place, 0);
        $this->closed[$place] = true;
    }

    /** @return array<int, true> places that do not change now, for reopen() */
    public function closed(): array
    {
        return $this->closed;
    }

    /** @param array<int, true> $closed places that stay closed; all others are open again */
    public function reopen(array $closed): void
    {
        $this->closed = $closed;
    }

    /** Whether an exercise would meet a demand that is not met often enough, in a session that does not meet it yet. */
    public function wants(int $session, int $offer): bool
    {
        $demand = $this->meets[$offer];

        return $demand >= 0 && $this->met[$demand] < $this->minimum[$demand] && $this->present[$session][$demand] === 0;
    }

    /** Seconds of an exercise in a session it stands in. */
    public function takes(int $session, int $offer): int
    {
        return $this->sets[$session * $this->offers + $offer] * $this->more[$offer] + $this->begins[$offer];
    }

    /** How many sets more a place can take at once: one, or what an exercise begins with; 0 when none. */
    public function up(int $place): int
    {
        $offer = $place % $this->offers;
        $sets = $this->sets[$place];
        if (isset($this->closed[$place]) || $sets >= $this->most[$offer]) {
            return 0;
        }
        return ($sets === 0 ? $this->enter[$offer] : $this->more[$offer]) > $this->left[intdiv($place, $this->offers)] ? 0 : ($sets === 0 ? $this->least[$offer] : 1);
    }

    /** How many sets a place can give up at once: one, or all of them when fewer would not be the dose. */
    public function down(int $place): int
    {
        $sets = $this->sets[$place];

        return $sets === 0 || isset($this->closed[$place]) ? 0 : ($sets > $this->least[$place % $this->offers] ? 1 : $sets);
    }

    /**
     * Sets of one exercise in one session become so many.
     *
     * @param int|null $change of the cost, where it is known
     */
    public function put(int $place, int $sets, ?int $change = null): void
    {
        $before = $this->sets[$place];
        if ($before === $sets) {
            return;
        }
        $offer = $place % $this->offers;
        $session = intdiv($place, $this->offers);
        $this->cost += $change ?? $this->change($place, $sets - $before);
        $this->sets[$place] = $sets;
        $this->left[$session] -= ($sets - $before) * $this->more[$offer] + (($sets > 0 ? 1 : 0) - ($before > 0 ? 1 : 0)) * $this->begins[$offer];
        foreach ($this->gives[$offer] as $demand => $gives) {
            $this->missing[$demand] -= ($sets - $before) * $gives;
        }
        $meets = $this->meets[$offer];
        if ($meets >= 0 && ($before === 0 || $sets === 0)) {
            $there = $this->present[$session][$meets] += $before === 0 ? 1 : -1;
            if ($before === 0 && $there === 1) {
                $this->met[$meets]++;
            } elseif ($sets === 0 && $there === 0) {
                $this->met[$meets]--;
            }
        }
    }

    /** What some sets more or less change of the cost. */
    public function change(int $place, int $by): int
    {
        $offer = $place % $this->offers;
        $change = 0;
        foreach ($this->gives[$offer] as $demand => $gives) {
            $missing = $this->missing[$demand];
            $after = $missing - $by * $gives;
            if (isset($this->floors[$demand])) {
                $change += (max(0, $after)) - (max(0, $missing));

                continue;
            }
            $change += ($after < 0 ? -$after : $after) - ($missing < 0 ? -$missing : $missing);
        }
        $meets = $this->meets[$offer];
        if ($meets >= 0) {
            $sets = $this->sets[$place];
            $there = $this->present[intdiv($place, $this->offers)][$meets];
            if ($sets === 0 && $there === 0 && $this->met[$meets] < $this->minimum[$meets]) {
                $change -= SetProblem::SHORT;
            } elseif ($sets + $by === 0 && $there === 1 && $this->met[$meets] <= $this->minimum[$meets]) {
                $change += SetProblem::SHORT;
            }
        }

        return $change;
    }

    public function plan(): SetPlan
    {
        $short = [];
        foreach (Demand::withShare() as $at => $demand) {
            if ($this->met[$at] < $this->minimum[$at]) {
                $short[$demand->value] = $this->minimum[$at] - $this->met[$at];
            }
        }
        $sets = $this->offers === 0 ? array_fill(0, count($this->problem->seconds), []) : array_chunk($this->sets, $this->offers);

        return new SetPlan($sets, $short, array_sum(array_map(abs(...), array_slice($this->missing, 0, count(Demand::withShare())))) / (2 * $this->problem->whole));
    }
}
