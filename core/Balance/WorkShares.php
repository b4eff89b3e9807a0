<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Body\Demand;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;
use EvenRungs\Session\Timeline;
use EvenRungs\Session\Totals;

/**
 * How the time under tension falls on the demands: weight 1 for the rung's main demand, 0.5 for each
 * secondary (our own choice). Kept as half seconds, so that nothing is rounded before the end.
 */
final readonly class WorkShares
{
    /** @param array<string, int> $halfSeconds by demand, over the demands with a target */
    private function __construct(private array $halfSeconds) {}

    public static function of(Session $session, Timeline $timeline): self
    {
        $totals = $timeline->totalsByItem();
        $work = [];
        foreach ($session->items() as $item) {
            $work[] = [$item->rung->demand, $item->rung->secondary, $totals[$item->id]->work];
        }

        return self::ofWork($work);
    }

    /** @param list<array{Demand, list<Demand>, int}> $work main demand, secondary demands, seconds under tension */
    public static function ofWork(array $work): self
    {
        $half = array_fill_keys(array_map(static fn(Demand $demand): string => $demand->value, Demand::withShare()), 0);
        foreach ($work as [$main, $secondary, $seconds]) {
            if ($main->hasShare()) {
                $half[$main->value] += 2 * $seconds;
            }
            foreach ($secondary as $demand) {
                if ($demand->hasShare()) {
                    $half[$demand->value] += $seconds;
                }
            }
        }

        return new self($half);
    }

    /** @return array<string, int> weighted time under tension by demand, in half seconds */
    public function halfSeconds(): array
    {
        return $this->halfSeconds;
    }

    /** Share of a demand in tenths of a per cent. */
    public function perMille(Demand $demand): int
    {
        $sum = array_sum($this->halfSeconds);

        return $sum === 0 ? 0 : intdiv(2000 * $this->halfSeconds[$demand->value] + $sum, 2 * $sum);
    }

    /** 1 − ½ Σ|p − t| in tenths of a per cent, against targets in the same unit. */
    public function agreementPerMille(TargetShares $targets): int
    {
        $sum = array_sum($this->halfSeconds);
        if ($sum === 0) {
            return 0;
        }
        // Whole numbers throughout: every share over the common denominator sum × parts.
        $apart = 0;
        foreach (Demand::withShare() as $demand) {
            $apart += abs($this->halfSeconds[$demand->value] * $targets->parts() - $targets->part($demand) * $sum);
        }
        $denominator = 2 * $sum * $targets->parts();

        return intdiv(2 * 1000 * ($denominator - $apart) + $denominator, 2 * $denominator);
    }

    public function reason(TargetShares $targets): Reason
    {
        $inputs = [];
        foreach (Demand::withShare() as $demand) {
            $inputs[$demand->shortName()] = self::percent($this->perMille($demand)).' of '.self::percent($targets->perMille($demand));
        }

        return Reason::because(
            Rule::WorkShares,
            'Time under tension of each exercise counts once for its main demand and half for each secondary one; agreement is 1 minus half the sum of the differences from the aim.',
            $inputs,
        );
    }

    /**
     * Which exercise gives what to one demand.
     *
     * @param list<Item>            $items
     * @param array<string, Totals> $totals by id of the exercise
     */
    public function reasonFor(Demand $demand, array $items, array $totals, TargetShares $targets): Reason
    {
        $inputs = [];
        foreach ($items as $item) {
            $work = isset($totals[$item->id]) ? $totals[$item->id]->work : 0;
            $weight = match (true) {
                $item->rung->demand === $demand => "{$work} s",
                in_array($demand, $item->rung->secondary, true) => "½ × {$work} s",
                default => null,
            };
            if ($weight !== null) {
                $inputs[isset($inputs[$item->rung->name]) ? "{$item->rung->name}, again" : $item->rung->name] = $weight;
            }
        }
        $half = $this->halfSeconds[$demand->value] ?? 0;
        $seconds = static fn(int $half): string => intdiv($half, 2).($half % 2 === 1 ? '½' : '').' s';

        return Reason::because(
            Rule::WorkShares,
            ucfirst($demand->shortName()).': '.$seconds($half).' of '.$seconds(array_sum($this->halfSeconds)).' is '.self::percent($this->perMille($demand)).'; the aim asks for '.self::percent($targets->perMille($demand)).'.',
            $inputs,
            'More or less work on this demand, or other shares for the person.',
        );
    }

    private static function percent(int $perMille): string
    {
        return intdiv($perMille, 10).'.'.($perMille % 10).' %';
    }
}
