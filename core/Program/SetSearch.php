<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Need;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Looks for the sets of a week by adding, taking and exchanging sets from several starts; the same problem and seed
 * give the same answer. First the minimum of each demand, then the distance from the shares; then, with the shares
 * untouched, the fewest positions and kits in a session and sessions of even length. An exact solver checks it in the tests.
 *
 * A place is an exercise in a session: session × offers + offer. What is asked hundreds of thousands of times is kept
 * in flat lists of whole numbers.
 */
final class SetSearch
{
    public const STARTS = 4;

    /** How often the best so far is shaken before the next start, by places: a small week is coarser and is shaken more. */
    private const KICKS = 3000;

    /** Beside the week before, shaking it a little is enough. */
    private const KICKS_NEAR = 1;

    /** So much nearer to the shares another start has to come before a week leaves the exercises of the week before. */
    private const STICK_PER_MILLE = 10;

    /** Nearer to the shares than this nobody can tell. */
    private const ENOUGH_PER_MILLE = 8;

    /** Beside the week before so near is enough: what it saves is worth less than exercises that stay. */
    private const ENOUGH_NEAR_PER_MILLE = 20;

    private readonly int $offers;

    /** @var array<int, int> sets by place */
    private array $sets = [];

    /** @var array<int, int> seconds left, by session */
    private array $left = [];

    /** @var array<int, int> half seconds still missing to the goal, by demand; negative when there are more */
    private array $missing = [];

    /** @var array<int, array<int, int>> exercises by session and demand */
    private array $present = [];

    /** @var array<int, int> sessions in which a demand is met */
    private array $met = [];

    /** @var array<int, true> places that do not change: fixed by the trainer, or barred for the moment */
    private array $closed = [];

    private int $cost = 0;

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

    /** @var list<array<string, true>> position and kit, by offer */
    private readonly array $needs;

    private function __construct(private readonly SetProblem $problem)
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
        $gives = $meets = $least = $most = $more = $enter = $begins = $needs = [];
        foreach ($problem->offers as $index => $offer) {
            $gives[] = array_filter([...array_map($offer->gives(...), $demands), ...array_map(static fn(array $wish): int => $wish[0][$index], $problem->wishes)]);
            $at = array_search($offer->demand(), $demands, true);
            $meets[] = $at !== false && $this->minimum[$at] > 0 ? $at : -1;
            $least[] = $offer->leastSets;
            $most[] = $offer->mostSets;
            $more[] = $offer->setSeconds + $offer->restSeconds;
            $enter[] = $problem->time($index, $offer->leastSets);
            $begins[] = $problem->time($index, 1) - $more[$index];
            $needs[] = array_fill_keys([$offer->rung->position->value, ...array_map(static fn(Need $need): string => $need->label(), $offer->rung->kit)], true);
        }
        [$this->gives, $this->meets, $this->least, $this->most, $this->more, $this->enter, $this->begins, $this->needs] = [$gives, $meets, $least, $most, $more, $enter, $begins, $needs];
    }

    /** @param SetPlan|null $near the week before: then the search begins from it, and once anew */
    public static function solve(SetProblem $problem, int $seed = 1, ?SetPlan $near = null, int $starts = self::STARTS): SetPlan
    {
        $search = new self($problem);
        $random = new Randomizer(new Mt19937($seed));
        $kicks = intdiv(self::KICKS, max(1, $search->offers * count($problem->seconds)) ** 2);
        $kicks = $near === null ? $kicks : max(self::KICKS_NEAR, $kicks);
        $enough = intdiv($problem->whole * 2 * ($near === null ? self::ENOUGH_PER_MILLE : self::ENOUGH_NEAR_PER_MILLE), 1000);
        $best = null;
        for ($start = 0; $start < ($near === null ? $starts : min(2, $starts)) && ($best === null || $best[0] > $enough); $start++) {
            $search->clear();
            $near !== null && $start === 0 ? $search->copy($near) : $search->fill($start, $random);
            $search->improve();
            if ($best === null || $search->cost < $best[0] - ($near === null ? 0 : intdiv($problem->whole * 2 * self::STICK_PER_MILLE, 1000))) {
                $best = [$search->cost, $search->sets];
            }
            for ($kick = 0; $kick < $kicks && $best[0] > $enough; $kick++) {
                $search->restore($best[1]);
                $search->shake($random, 1 + $kick % 3);
                if ($search->cost < $best[0]) {
                    $best = [$search->cost, $search->sets];
                }
            }
        }
        $search->restore($best[1] ?? []);
        $search->tidy();

        return $search->plan();
    }

    /**
     * A plan brought down to some of its exercises, the sets of which come as near to the shares as they can.
     *
     * @param list<int> $open offers that may have sets; what is fixed stays besides
     *
     * @return array{SetPlan, int} and what it costs: half seconds farther from the shares
     */
    public static function among(SetProblem $problem, SetPlan $plan, array $open): array
    {
        $search = new self($problem);
        $search->restore(array_merge(...$plan->sets));
        $before = $search->cost;
        for ($place = 0; $place < count($search->sets); $place++) {
            if (! isset($search->closed[$place]) && ! in_array($place % $search->offers, $open, true)) {
                $search->put($place, 0);
                $search->closed[$place] = true;
            }
        }
        $search->improve();
        $search->tidy();

        return [$search->plan(), $search->cost - $before];
    }

    private function clear(): void
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
    private function restore(array $sets): void
    {
        $this->clear();
        foreach ($sets as $place => $count) {
            if ($count > 0) {
                $this->put($place, $count);
            }
        }
    }

    /** As much of another week as fits into this one. */
    private function copy(SetPlan $near): void
    {
        foreach ($near->sets as $session => $row) {
            foreach ($row as $offer => $count) {
                $place = $session * $this->offers + $offer;
                while ($offer < $this->offers && $this->sets[$place] < $count && $this->up($place) > 0) {
                    $this->put($place, $this->sets[$place] + $this->up($place));
                }
            }
        }
    }

    /** Meets every demand as often as asked, in the sessions with the most time left; the first start in the order of the offers. */
    private function fill(int $start, Randomizer $random): void
    {
        $order = array_keys($this->more);
        foreach ($start === 0 || $order === [] ? $order : $random->shuffleArray($order) as $offer) {
            $demand = $this->meets[$offer];
            if ($demand < 0) {
                continue;
            }
            $sessions = array_keys($this->left);
            usort($sessions, fn(int $a, int $b): int => [$this->left[$b], $a] <=> [$this->left[$a], $b]);
            foreach ($sessions as $session) {
                $place = $session * $this->offers + $offer;
                if ($this->met[$demand] < $this->minimum[$demand] && $this->present[$session][$demand] === 0 && $this->up($place) > 0) {
                    $this->put($place, $this->sets[$place] + $this->up($place));
                }
            }
        }
    }

    /** Takes whole exercises out and keeps them out for a moment, so that what stood behind them can come in. */
    private function shake(Randomizer $random, int $exercises): void
    {
        $there = array_keys(array_diff_key(array_filter($this->sets), $this->closed));
        if ($there === []) {
            return;
        }
        $closed = $this->closed;
        foreach ($random->pickArrayKeys($there, max(1, min($exercises, count($there)))) as $at) {
            $this->put($there[$at], 0);
            $this->closed[$there[$at]] = true;
        }
        $this->improve();
        $this->closed = $closed;
        $this->improve();
    }

    /** How many sets more a place can take at once: one, or what an exercise begins with; 0 when none. */
    private function up(int $place): int
    {
        $offer = $place % $this->offers;
        $sets = $this->sets[$place];
        if (isset($this->closed[$place]) || $sets >= $this->most[$offer]) {
            return 0;
        }
        return ($sets === 0 ? $this->enter[$offer] : $this->more[$offer]) > $this->left[intdiv($place, $this->offers)] ? 0 : ($sets === 0 ? $this->least[$offer] : 1);
    }

    /** How many sets a place can give up at once: one, or all of them when fewer would not be the dose. */
    private function down(int $place): int
    {
        $sets = $this->sets[$place];

        return $sets === 0 || isset($this->closed[$place]) ? 0 : ($sets > $this->least[$place % $this->offers] ? 1 : $sets);
    }

    /**
     * Sets of one exercise in one session become so many.
     *
     * @param int|null $change of the cost, where it is known
     */
    private function put(int $place, int $sets, ?int $change = null): void
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
    private function change(int $place, int $by): int
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

    /** Takes the best change until none helps: sets more, sets less, sets here for sets there. */
    private function improve(): void
    {
        while (($best = $this->bestChange()) !== null) {
            foreach ($best as $place => $by) {
                $this->put($place, $this->sets[$place] + $by);
            }
        }
    }

    /** @return array<int, int>|null sets more or less, by place; what is taken out comes first */
    private function bestChange(): ?array
    {
        [$least, $best] = [0, null];
        $open = $few = $like = $seen = $gains = $after = [];
        $isMet = $this->cost < SetProblem::SHORT;
        foreach ($this->sets as $place => $sets) {
            $up = $this->up($place);
            if ($up === 0) {
                continue;
            }
            $open[$place] = $up;
            // As long as every demand is met often enough, so many sets of an exercise do the same in any session: it is
            // reckoned once, and two sessions to look at are enough, in case the first is the one a set is taken from.
            $same = $like[$place] = $up * $this->offers + $place % $this->offers;
            $seen[$same] = ($seen[$same] ?? 0) + 1;
            if ($seen[$same] <= 2) {
                $few[$place] = $up;
            }
            $change = $gains[$isMet ? $same : $place] ??= $this->change($place, $up);
            if ($change < $least) {
                [$least, $best] = [$change, [$place => $up]];
            }
        }
        // What can simply be added is, before anything is exchanged for it.
        if ($best !== null) {
            return $best;
        }
        foreach ($this->sets as $out => $sets) {
            $down = $this->down($out);
            if ($down === 0) {
                continue;
            }
            $saved = $this->change($out, -$down);
            if ($saved < $least) {
                [$least, $best] = [$saved, [$out => -$down]];
            }
            $session = intdiv($out, $this->offers);
            $this->put($out, $sets - $down, $saved);
            // Into the same session, where there is room now; or into another, where there was before.
            $isMet = $this->cost < SetProblem::SHORT;
            // So it is with what comes in for as many sets of the same exercise, whichever session they are taken from.
            $kind = $isMet ? $down * $this->offers + $out % $this->offers : -1 - $out;
            for ($offer = 0; $offer < $this->offers; $offer++) {
                $place = $session * $this->offers + $offer;
                $up = $place === $out ? 0 : $this->up($place);
                if ($up > 0 && ($change = $saved + ($after[$kind][$isMet ? $up * $this->offers + $offer : $place] ??= $this->change($place, $up))) < $least) {
                    [$least, $best] = [$change, [$out => -$down, $place => $up]];
                }
            }
            foreach ($isMet ? $few : $open as $place => $up) {
                if (($change = $saved + ($after[$kind][$isMet ? $like[$place] : $place] ??= $this->change($place, $up))) < $least && intdiv($place, $this->offers) !== $session) {
                    [$least, $best] = [$change, [$out => -$down, $place => $up]];
                }
            }
            $this->put($out, $sets, -$saved);
        }

        return $best;
    }

    /** Whole exercises change places between sessions while that saves positions and kit, or evens the lengths: the shares stay as they are. */
    private function tidy(): void
    {
        $sessions = array_keys($this->left);
        do {
            $changed = false;
            foreach ($sessions as $a) {
                foreach ($sessions as $b) {
                    $changed = ($a < $b && $this->exchange($a, $b)) || $changed;
                }
            }
        } while ($changed);
    }

    /** The first exchange between two sessions that leaves them tidier, if there is one. */
    private function exchange(int $a, int $b): bool
    {
        $cost = $this->cost;
        $before = $this->untidy($a, $b);
        foreach ([...$this->movable($a, $b), null] as $here) {
            foreach ([...$this->movable($b, $a), null] as $there) {
                $more = ($there === null ? 0 : $this->takes($b, $there)) - ($here === null ? 0 : $this->takes($a, $here));
                if ($here === $there || $this->left[$a] < $more || $this->left[$b] < -$more) {
                    continue;
                }
                $this->swap($a, $here, $b, $there);
                if ($this->cost <= $cost && $this->untidy($a, $b) < $before) {
                    return true;
                }
                $this->swap($b, $here, $a, $there);
            }
        }

        return false;
    }

    /** @return array{int, int} positions and kit of two sessions; then how unevenly their minutes are used */
    private function untidy(int $a, int $b): array
    {
        return [$this->moves($a) + $this->moves($b), $this->left[$a] ** 2 + $this->left[$b] ** 2];
    }

    /** @return list<int> offers that stand in one session and may go to the other, which has not got them */
    private function movable(int $from, int $to): array
    {
        return array_values(array_filter(array_keys($this->more), function (int $offer) use ($from, $to): bool {
            [$here, $there] = [$from * $this->offers + $offer, $to * $this->offers + $offer];

            return $this->sets[$here] > 0 && $this->sets[$there] === 0 && ! isset($this->closed[$here]) && ! isset($this->closed[$there]);
        }));
    }

    /** Seconds of an exercise in a session. */
    private function takes(int $session, int $offer): int
    {
        return $this->sets[$session * $this->offers + $offer] * $this->more[$offer] + $this->begins[$offer];
    }

    /** One offer goes from session a to b, another from b to a. */
    private function swap(int $a, ?int $here, int $b, ?int $there): void
    {
        foreach ([[$a, $b, $here], [$b, $a, $there]] as [$from, $to, $offer]) {
            if ($offer !== null) {
                $sets = $this->sets[$from * $this->offers + $offer];
                $this->put($from * $this->offers + $offer, 0);
                $this->put($to * $this->offers + $offer, $sets);
            }
        }
    }

    /** Positions and pieces of kit in a session. */
    private function moves(int $session): int
    {
        $places = [];
        foreach ($this->needs as $offer => $needs) {
            if ($this->sets[$session * $this->offers + $offer] > 0) {
                $places += $needs;
            }
        }

        return count($places);
    }

    private function plan(): SetPlan
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
