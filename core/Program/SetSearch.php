<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Looks for the sets of a week by adding, taking and exchanging sets from several starts; the same problem and seed
 * give the same answer. First the minimum of each demand, then the distance from the shares; then, with the shares
 * untouched, the fewest positions and kits in a session and sessions of even length. An exact solver checks it in the tests.
 */
final readonly class SetSearch
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

    private function __construct(private FilledWeek $week) {}

    /** @param SetPlan|null $near the week before: then the search begins from it, and once anew */
    public static function solve(SetProblem $problem, int $seed = 1, ?SetPlan $near = null, int $starts = self::STARTS): SetPlan
    {
        $week = new FilledWeek($problem);
        $search = new self($week);
        $random = new Randomizer(new Mt19937($seed));
        $kicks = intdiv(self::KICKS, max(1, $week->offers * count($problem->seconds)) ** 2);
        $kicks = $near === null ? $kicks : max(self::KICKS_NEAR, $kicks);
        $enough = intdiv($problem->whole * 2 * ($near === null ? self::ENOUGH_PER_MILLE : self::ENOUGH_NEAR_PER_MILLE), 1000);
        $best = null;
        for ($start = 0; $start < ($near === null ? $starts : min(2, $starts)) && ($best === null || $best[0] > $enough); $start++) {
            $week->clear();
            $near !== null && $start === 0 ? $search->copy($near) : $search->fill($start, $random);
            $search->improve();
            if ($best === null || $week->cost < $best[0] - ($near === null ? 0 : intdiv($problem->whole * 2 * self::STICK_PER_MILLE, 1000))) {
                $best = [$week->cost, $week->sets];
            }
            for ($kick = 0; $kick < $kicks && $best[0] > $enough; $kick++) {
                $week->restore($best[1]);
                $search->shake($random, 1 + $kick % 3);
                if ($week->cost < $best[0]) {
                    $best = [$week->cost, $week->sets];
                }
            }
        }
        $week->restore($best[1] ?? []);
        TidyWeek::tidy($week, $problem);

        return $week->plan();
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
        $week = new FilledWeek($problem);
        $search = new self($week);
        $week->restore(array_merge(...$plan->sets));
        $before = $week->cost;
        foreach (array_keys(array_diff_key($week->sets, $week->closed())) as $place) {
            if (! in_array($place % $week->offers, $open, true)) {
                $week->bar($place);
            }
        }
        $search->improve();
        TidyWeek::tidy($week, $problem);

        return [$week->plan(), $week->cost - $before];
    }

    /** As much of another week as fits into this one. */
    private function copy(SetPlan $near): void
    {
        foreach ($near->sets as $session => $row) {
            foreach ($row as $offer => $count) {
                $place = $session * $this->week->offers + $offer;
                $isFree = $offer < $this->week->offers;
                while ($isFree && $this->week->sets[$place] < $count) {
                    $isFree = $this->week->add($place);
                }
            }
        }
    }

    /** Meets every demand as often as asked, in the sessions with the most time left; the first start in the order of the offers. */
    private function fill(int $start, Randomizer $random): void
    {
        $order = $this->week->offers === 0 ? [] : range(0, $this->week->offers - 1);
        foreach ($start === 0 || $order === [] ? $order : $random->shuffleArray($order) as $offer) {
            $sessions = array_keys($this->week->left);
            usort($sessions, fn(int $a, int $b): int => [$this->week->left[$b], $a] <=> [$this->week->left[$a], $b]);
            foreach ($sessions as $session) {
                if ($this->week->wants($session, $offer)) {
                    $this->week->add($session * $this->week->offers + $offer);
                }
            }
        }
    }

    /** Takes whole exercises out and keeps them out for a moment, so that what stood behind them can come in. */
    private function shake(Randomizer $random, int $exercises): void
    {
        $closed = $this->week->closed();
        $there = array_keys(array_diff_key(array_filter($this->week->sets), $closed));
        if ($there === []) {
            return;
        }
        foreach ($random->pickArrayKeys($there, max(1, min($exercises, count($there)))) as $at) {
            $this->week->bar($there[$at]);
        }
        $this->improve();
        $this->week->reopen($closed);
        $this->improve();
    }

    /** Takes the best change until none helps: sets more, sets less, sets here for sets there. */
    private function improve(): void
    {
        while (($best = $this->bestChange()) !== null) {
            foreach ($best as $place => $by) {
                $this->week->put($place, $this->week->sets[$place] + $by);
            }
        }
    }

    /** @return array<int, int>|null sets more or less, by place; what is taken out comes first */
    private function bestChange(): ?array
    {
        [$week, $offers] = [$this->week, $this->week->offers];
        [$least, $best] = [0, null];
        $open = $few = $like = $seen = $gains = $after = [];
        $isMet = $week->cost < SetProblem::SHORT;
        foreach ($week->sets as $place => $sets) {
            $up = $week->up($place);
            if ($up === 0) {
                continue;
            }
            $open[$place] = $up;
            // As long as every demand is met often enough, so many sets of an exercise do the same in any session: it is
            // reckoned once, and two sessions to look at are enough, in case the first is the one a set is taken from.
            $same = $like[$place] = $up * $offers + $place % $offers;
            $seen[$same] = ($seen[$same] ?? 0) + 1;
            if ($seen[$same] <= 2) {
                $few[$place] = $up;
            }
            $change = $gains[$isMet ? $same : $place] ??= $week->change($place, $up);
            if ($change < $least) {
                [$least, $best] = [$change, [$place => $up]];
            }
        }
        // What can simply be added is, before anything is exchanged for it.
        if ($best !== null) {
            return $best;
        }
        foreach ($week->sets as $out => $sets) {
            $down = $week->down($out);
            if ($down === 0) {
                continue;
            }
            $saved = $week->change($out, -$down);
            if ($saved < $least) {
                [$least, $best] = [$saved, [$out => -$down]];
            }
            $session = intdiv($out, $offers);
            $week->put($out, $sets - $down, $saved);
            // Into the same session, where there is room now; or into another, where there was before.
            $isMet = $week->cost < SetProblem::SHORT;
            // So it is with what comes in for as many sets of the same exercise, whichever session they are taken from.
            $kind = $isMet ? $down * $offers + $out % $offers : -1 - $out;
            for ($offer = 0; $offer < $offers; $offer++) {
                $place = $session * $offers + $offer;
                $up = $place === $out ? 0 : $week->up($place);
                if ($up > 0 && ($change = $saved + ($after[$kind][$isMet ? $up * $offers + $offer : $place] ??= $week->change($place, $up))) < $least) {
                    [$least, $best] = [$change, [$out => -$down, $place => $up]];
                }
            }
            foreach ($isMet ? $few : $open as $place => $up) {
                if (($change = $saved + ($after[$kind][$isMet ? $like[$place] : $place] ??= $week->change($place, $up))) < $least && intdiv($place, $offers) !== $session) {
                    [$least, $best] = [$change, [$out => -$down, $place => $up]];
                }
            }
            $week->put($out, $sets, -$saved);
        }

        return $best;
    }
}
