<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Library;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * How even the rungs are: the height of each demand, the spread, and the weakest.
 *
 * Height of a demand = highest working rung among its ladders, on one-sided ladders the weaker side's.
 * A demand on the highest rung open to the person is topped out and left out of spread and of weakest; so is one of which
 * nothing is known but a guess, since a guess stands below what was tested by its own rule.
 */
final readonly class Evenness
{
    private const UNEVEN_TENTHS = 20;

    /**
     * @param array<string, Height> $heights   by demand, only where placed
     * @param list<Demand>          $toppedOut
     * @param list<Demand>          $guessed
     * @param int|null              $spreadTenths null with fewer than two demands to compare
     */
    private function __construct(
        public array $heights,
        public array $toppedOut,
        public array $guessed,
        public ?int $spreadTenths,
        public ?Demand $weakest,
        public Reason $reason,
    ) {}

    /** @param list<Position> $stands */
    public static function of(array $stands, Library $library, Circumstances $circumstances): self
    {
        $byLadder = [];
        foreach ($stands as $stand) {
            $byLadder[$stand->rung->ladder][] = $stand;
        }
        $heights = $guesses = $inputs = [];
        foreach ($byLadder as $ladder => $here) {
            $weaker = self::weaker($here);
            $demand = $library->ladder($ladder)->demand;
            $isGuess = array_filter($here, static fn(Position $stand): bool => ! $stand->guessed) === [];
            // What is known counts before what was guessed, though that be higher.
            if ($demand->hasShare() && (! isset($heights[$demand->value]) || [! $isGuess, $weaker->tenths] > [! ($guesses[$demand->value] ?? false), $heights[$demand->value]->tenths])) {
                $heights[$demand->value] = $weaker;
                $guesses[$demand->value] = $isGuess;
            }
        }
        $toppedOut = $guessed = [];
        $compared = [];
        foreach (Demand::withShare() as $demand) {
            if (! isset($heights[$demand->value])) {
                continue;
            }
            $highest = self::highestOpen($demand, $library, $circumstances);
            $isTop = $highest !== null && $heights[$demand->value]->above($highest) >= 0;
            $isGuess = $guesses[$demand->value] ?? false;
            $inputs[$demand->shortName()] = $heights[$demand->value]->label().($isTop ? ' (topped out)' : '').($isGuess ? ' (guessed)' : '');
            if ($isTop) {
                $toppedOut[] = $demand;
            } elseif ($isGuess) {
                $guessed[] = $demand;
            } else {
                $compared[$demand->value] = $heights[$demand->value]->tenths;
            }
        }
        $spread = count($compared) < 2 ? null : max($compared) - min($compared);
        $weakest = $spread === null ? null : Demand::from((string) array_search(min($compared), $compared, true));

        return new self($heights, $toppedOut, $guessed, $spread, $weakest, Reason::because(
            Rule::Spread,
            $spread === null
                ? 'The spread needs at least two demands with a working rung that is known and can still climb.'
                : 'Spread is the highest working height less the lowest: '.Height::tenthsLabel(max($compared)).' − '.Height::tenthsLabel(min($compared)).' = '.Height::tenthsLabel($spread).'.',
            $inputs,
            match (true) {
                $guessed !== [] => 'A session or a test where nothing is known but a guess: '.implode(', ', array_map(static fn(Demand $demand): string => $demand->shortName(), $guessed)).'.',
                $weakest !== null => "A climb in {$weakest->shortName()} narrows it first.",
                default => null,
            },
        ));
    }

    /** A board whose spread is above 2.0 wants a look (our own choice). */
    public function isUneven(): bool
    {
        return $this->spreadTenths !== null && $this->spreadTenths > self::UNEVEN_TENTHS;
    }

    /** @param non-empty-list<Position> $stands on one ladder */
    private static function weaker(array $stands): Height
    {
        $heights = array_map(static fn(Position $stand): int => $stand->rung->height->tenths, $stands);

        return Height::ofTenths(min($heights));
    }

    private static function highestOpen(Demand $demand, Library $library, Circumstances $circumstances): ?Height
    {
        $highest = null;
        foreach ($library->ladders() as $ladder) {
            $open = $ladder->demand === $demand ? $circumstances->highestOpen($ladder) : null;
            if ($open !== null && ($highest === null || $open->height->above($highest) > 0)) {
                $highest = $open->height;
            }
        }

        return $highest;
    }
}
