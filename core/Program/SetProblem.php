<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Balance\TargetShares;
use EvenRungs\Body\Demand;
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

    /** @var list<int> seconds lost before the first set of an offer: the largest change-over that can lead to it */
    public array $entry;

    /** @var array<string, int> what each demand should get, in half seconds */
    public array $goal;

    /** 2W: all weighted work asked for, in half seconds. */
    public int $whole;

    /**
     * @param list<Candidate>               $offers
     * @param list<int>                 $seconds of each session
     * @param array<string, int>        $minimum sessions in which a demand has to be met, by demand
     * @param array<int, array<int, int>> $fixed sets the trainer has fixed, by session and offer; 0 keeps an offer out
     */
    public function __construct(public array $offers, public array $seconds, TargetShares $targets, public array $minimum, public array $fixed = [])
    {
        $entry = [];
        foreach ($offers as $to => $offer) {
            $most = 10;
            foreach ($offers as $from => $other) {
                if ($from !== $to) {
                    $most = max($most, ChangeOver::between(new Item('a', $other->rung, $other->dose), new Item('b', $offer->rung, $offer->dose))->seconds);
                }
            }
            $entry[] = $most;
        }
        $this->entry = $entry;
        [$this->goal, $this->whole] = self::goals($offers, array_sum($this->seconds), $targets);
    }

    /**
     * Shares of demands for which nothing is offered fall to the others in proportion.
     *
     * @param list<Candidate> $offers
     *
     * @return array{array<string, int>, int}
     */
    private static function goals(array $offers, int $seconds, TargetShares $targets): array
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
        foreach ($pace as $demand => $each) {
            $cost += $targets->part(Demand::from($demand)) / $parts * $each;
        }
        $whole = $cost > 0 ? (int) round($seconds * self::FILL_PER_CENT / 100 / $cost) : 0;
        $goal = [];
        foreach (Demand::withShare() as $demand) {
            $goal[$demand->value] = isset($pace[$demand->value]) ? (int) round($whole * $targets->part($demand) / $parts) : 0;
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
