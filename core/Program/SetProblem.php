<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Balance\TargetShares;
use EvenRungs\Body\Demand;
use EvenRungs\Ladder\Rung;
use EvenRungs\Session\ChangeOver;
use EvenRungs\Session\Item;

/**
 * How many sets of which exercise in which session of a week: whole numbers that keep the minutes, meet each core
 * demand often enough, and bring the weighted work as near to the target shares as can be.
 *
 * The weighted seconds W of the week are fixed beforehand from the minutes and the densities, so that the distance
 * Σ|w_d − t_d·W| ÷ (2W) is linear in the sets and an exact solver can be held against it. Half seconds throughout.
 */
final readonly class SetProblem
{
    /** One session more or less of a demand that every week has to meet outweighs any distance from the shares. */
    public const SHORT = 10_000_000;

    /** Change-overs and rests take room that no set fills; so much of the time is counted on (our own choice). */
    private const FILL_PER_CENT = 92;

    /**
     * Of a demand that has only exercises of a few seconds with long rests, a second is counted as no dearer than so many of
     * the usual one: it would else make the whole week as small as itself (our own choice).
     */
    private const SPARSE = 2;

    /** Of what should lead, a second under tension weighs as much as so many half seconds of the shares. */
    private const PHASE_WEIGHT = 6;

    /** The same where it would leave minutes empty. */
    private const PHASE_WEIGHT_LESS = 2;

    /** The same of the work a week is held to: it goes before the shares. */
    private const WORK_WEIGHT = 20;

    /** Sets are whole: asked for a little above its part, what should lead does not end just below it (per mille). */
    private const PHASE_MARGIN = 15;

    /** @var list<int> seconds lost before the first set of an offer: the largest change-over that can lead to it */
    public array $entry;

    /** @var array<string, int> what each demand should get, in half seconds */
    public array $goal;

    /** @var array<string, int> its part of the week by itself, whatever earlier weeks gave, in half seconds */
    public array $share;

    /** 2W: all weighted work asked for, in half seconds. */
    public int $whole;

    /**
     * What else is wished for: of each offer what one set gives, how much is wanted, and whether more than that is just as
     * well. Kinds at half the weight of the shares, what should lead at three times (our own choice: it is prescribed), the
     * work of an easier week above all of them.
     *
     * @var list<array{list<int>, int, bool}>
     */
    public array $wishes;

    /**
     * @param list<Candidate>               $offers
     * @param list<int>                 $seconds of each session
     * @param array<string, int>        $minimum sessions in which a demand has to be met, by demand
     * @param array<int, array<int, int>> $fixed sets the trainer has fixed, by session and offer; 0 keeps an offer out
     * @param Carried|null                $carried from earlier weeks
     * @param Phase|null                  $phase that should lead
     * @param array<string, int>|null     $kinds parts of the working sets, by kind of work, where the aim has a target for them
     * @param int|null                    $work  seconds under tension that the week is held to
     * @param int                         $phaseWeight of what should lead
     * @param array<string, int>          $beside half seconds of each demand that are trained besides
     */
    public function __construct(public array $offers, public array $seconds, private TargetShares $targets, public array $minimum, public array $fixed = [], private ?Carried $carried = null, public ?Phase $phase = null, private ?array $kinds = null, private ?int $work = null, private int $phaseWeight = self::PHASE_WEIGHT, private array $beside = [])
    {
        $entry = [];
        foreach ($offers as $to => $offer) {
            $most = 10;
            foreach ($offers as $from => $other) {
                if ($from !== $to) {
                    $most = max($most, self::changeOver($other, $offer));
                }
            }
            $entry[] = $most;
        }
        $this->entry = $entry;
        [$this->share, $this->whole] = self::goals($offers, array_sum($this->seconds), $targets, $beside);
        $goal = [];
        foreach ($this->share as $demand => $half) {
            $goal[$demand] = $half === 0 ? 0 : max(0, $half - ($carried->halfSeconds[$demand] ?? 0));
        }
        $this->goal = $goal;
        $this->wishes = [...$this->phaseWish(), ...$this->kindWishes(), ...$this->workWish()];
    }

    /** @return array<string, int> half seconds that a plan gives, by demand */
    public function given(SetPlan $plan): array
    {
        $given = array_fill_keys(array_keys($this->goal), 0);
        foreach (array_keys($this->seconds) as $session) {
            foreach ($plan->session($session) as $offer => $sets) {
                foreach (Demand::withShare() as $demand) {
                    $given[$demand->value] += $sets * $this->offers[$offer]->gives($demand);
                }
            }
        }

        return $given;
    }

    /** Weeks of a program ask for the same pairs again and again. */
    private static function changeOver(Candidate $from, Candidate $to): int
    {
        /** @var \WeakMap<Rung, \WeakMap<Rung, int>>|null $known */
        static $known = null;
        $known ??= new \WeakMap;
        /** @var \WeakMap<Rung, int> $next */
        $next = $known[$from->rung] ??= new \WeakMap;

        return $next[$to->rung] ??= ChangeOver::between(new Item('a', $from->rung, $from->dose), new Item('b', $to->rung, $to->dose))->seconds;
    }

    /** The same after other weeks. */
    public function carrying(Carried $carried): self
    {
        return new self($this->offers, $this->seconds, $this->targets, $this->minimum, $this->fixed, $carried, $this->phase, $this->kinds, $this->work, $this->phaseWeight, $this->beside);
    }

    /** The same where what should lead weighs no more than the shares. */
    public function leadingLess(): self
    {
        return new self($this->offers, $this->seconds, $this->targets, $this->minimum, $this->fixed, $this->carried, $this->phase, $this->kinds, $this->work, self::PHASE_WEIGHT_LESS, $this->beside);
    }

    /** Per cent of the minutes that a plan fills. */
    public function filledPerCent(SetPlan $plan): int
    {
        $taken = 0;
        foreach (array_keys($this->seconds) as $session) {
            foreach ($plan->session($session) as $offer => $sets) {
                $taken += $this->time($offer, $sets);
            }
        }

        return intdiv(100 * $taken, max(1, array_sum($this->seconds)));
    }

    /** The same with other minutes. */
    public function within(int ...$seconds): self
    {
        return new self($this->offers, array_values($seconds), $this->targets, $this->minimum, $this->fixed, null, $this->phase, $this->kinds, $this->work, beside: $this->beside);
    }

    /**
     * Σ sets · work · (counts − part) is not less than 0 where the phase leads: linear in the sets.
     *
     * @return list<array{list<int>, int, bool}>
     */
    private function phaseWish(): array
    {
        $phase = $this->phase;
        $counts = $phase === null ? [] : array_map(static fn(Candidate $offer): bool => $phase->has($offer->rung, $offer->dose), $this->offers);
        // Where nothing counts, every set would only be one too many.
        if ($phase === null || ! in_array(true, $counts, true)) {
            return [];
        }

        return [[array_map(fn(Candidate $offer, bool $here): int => intdiv($this->phaseWeight * $offer->workSeconds * ((int) $here * 1000 - $phase->leastPerMille() - self::PHASE_MARGIN), 1000), $this->offers, $counts), 0, true]];
    }

    /** @return list<array{list<int>, int, bool}> */
    private function workWish(): array
    {
        return $this->work === null ? [] : [[array_map(static fn(Candidate $offer): int => self::WORK_WEIGHT * $offer->workSeconds, $this->offers), self::WORK_WEIGHT * $this->work, false]];
    }

    /**
     * The number of working sets is fixed beforehand from the minutes, so that this is linear too. Kinds for which nothing is
     * offered fall to the others.
     *
     * @return list<array{list<int>, int, bool}>
     */
    private function kindWishes(): array
    {
        $offered = array_filter($this->kinds ?? [], fn(string $kind): bool => array_filter($this->offers, static fn(Candidate $offer): bool => $offer->rung->kind->value === $kind) !== [], ARRAY_FILTER_USE_KEY);
        $each = $this->offers === [] ? 0 : intdiv(array_sum(array_map(static fn(Candidate $offer): int => $offer->setSeconds + $offer->restSeconds, $this->offers)), count($this->offers));
        $sets = $each === 0 ? 0 : intdiv(array_sum($this->seconds) * self::FILL_PER_CENT, 100 * $each);
        if (count($offered) < 2 || $sets === 0) {
            return [];
        }
        $unit = intdiv($this->whole, 2 * $sets);
        $wishes = [];
        foreach ($offered as $kind => $part) {
            $wishes[] = [array_map(static fn(Candidate $offer): int => $offer->rung->kind->value === $kind ? $unit : 0, $this->offers), intdiv($unit * $sets * $part, array_sum($offered)), false];
        }

        return $wishes;
    }

    /**
     * Shares of demands for which nothing is offered fall to the others in proportion. Of what is trained besides, the rest that
     * is left of all work is asked for.
     *
     * @param list<Candidate>    $offers
     * @param array<string, int> $beside
     *
     * @return array{array<string, int>, int}
     */
    private static function goals(array $offers, int $seconds, TargetShares $targets, array $beside): array
    {
        $pace = [];
        $parts = 0;
        foreach (Demand::withShare() as $demand) {
            $here = array_filter($offers, static fn(Candidate $offer): bool => $offer->demand() === $demand && $offer->total() > 0);
            if ($here === [] || $targets->part($demand) === 0) {
                continue;
            }
            $parts += $targets->part($demand);
            // Seconds on the clock for one half second of weighted work, on the densest exercise.
            $pace[$demand->value] = min(array_map(static fn(Candidate $offer): float => ($offer->setSeconds + $offer->restSeconds) / $offer->total(), $here));
        }
        $cost = 0.0;
        $usual = array_values($pace);
        sort($usual);
        foreach ($pace as $demand => $each) {
            $cost += $targets->part(Demand::from($demand)) / $parts * min($each, self::SPARSE * $usual[intdiv(count($usual) - 1, 2)]);
        }
        $whole = $cost > 0 ? (int) round($seconds * self::FILL_PER_CENT / 100 / $cost) : 0;
        $beside = array_intersect_key($beside, $pace);
        $left = $goal = [];
        foreach (array_keys($pace) as $demand) {
            $part = $targets->part(Demand::from($demand));
            $left[$demand] = $beside === [] ? $part : max(0, $part * ($whole + array_sum($beside)) - $parts * ($beside[$demand] ?? 0));
        }
        foreach (Demand::withShare() as $demand) {
            $goal[$demand->value] = ($left[$demand->value] ?? 0) > 0 ? (int) round($whole * $left[$demand->value] / array_sum($left)) : 0;
        }

        return [$goal, max(1, $whole)];
    }

    /** Seconds that a number of sets takes in a session, its change-over included; never less than the clock will show. */
    public function time(int $offer, int $sets): int
    {
        return $sets === 0 ? 0 : $this->entry[$offer] + $sets * ($this->offers[$offer]->setSeconds + $this->offers[$offer]->restSeconds) - $this->offers[$offer]->restSeconds;
    }

    /** The first exercise of a session has no change-over, and none is shorter than ten seconds. */
    public function room(int $session): int
    {
        return $this->seconds[$session] + 10;
    }
}
