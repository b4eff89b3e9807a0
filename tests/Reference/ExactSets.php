<?php

declare(strict_types=1);

namespace Tests\Reference;

use EvenRungs\Balance\Aim;
use EvenRungs\Body\Demand;
use EvenRungs\Method\Method;
use EvenRungs\Program\Candidate;
use EvenRungs\Program\Carried;
use EvenRungs\Program\Recurring;
use EvenRungs\Program\Refined;
use EvenRungs\Program\SetPlan;
use EvenRungs\Program\SetProblem;
use EvenRungs\Program\SetSearch;
use EvenRungs\Progress\DoseStep;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\ShippedLibrary;

/** Small weeks from the shipped library, and their exact optimum as a mixed-integer problem by GLPK (GNU; Debian's glpk-utils). */
final class ExactSets
{
    public const CASES = 36;

    public const PROGRAMS = 16;

    /** Seconds. */
    private const PATIENCE = 3;

    /** Building weeks: the fourth is an easier one. */
    public const WEEKS = 3;

    /** A week by its number: some rungs at their default dose, two or three sessions, an aim. */
    public static function problem(int $number): SetProblem
    {
        $random = new Randomizer(new Mt19937($number));
        $library = ShippedLibrary::get();
        $method = Method::default();
        $offers = [];
        foreach (Demand::withShare() as $demand) {
            $core = in_array($demand, Demand::everyWeek(), true);
            // A case now and then leaves a demand without an exercise: then the minimum cannot be met.
            if (! $core && $random->getInt(0, 2) === 0 || $random->getInt(0, 19) === 0) {
                continue;
            }
            $rungs = array_values(array_filter($library->meeting($demand), static fn($rung): bool => $rung->inTrunk($method) && $rung->height->tenths < 70));
            foreach ($rungs === [] ? [] : $random->pickArrayKeys($rungs, $core && $random->getInt(0, 2) === 0 ? 2 : 1) as $at) {
                $offers[] = Candidate::of($rungs[$at], $rungs[$at]->defaultDose($method));
            }
        }
        $offers = array_slice($offers, 0, 7);
        $sessions = [];
        for ($session = 0, $count = count($offers) > 5 ? 2 : $random->getInt(2, 3); $session < $count; $session++) {
            $sessions[] = 60 * $random->getInt(5, 12);
        }
        $aims = Aim::cases();
        $minimum = count($sessions) >= 3 ? 2 : 1;

        return new SetProblem($offers, $sessions, $aims[$random->getInt(0, count($aims) - 1)]->targets(), array_fill_keys(array_map(static fn(Demand $demand): string => $demand->value, Demand::everyWeek()), $minimum));
    }

    /**
     * A small program by its number: so many building weeks of two sessions with four exercises, whose doses rise.
     *
     * @return \Closure(int, Carried): SetProblem of a week, with what the weeks before it gave too much or too little
     */
    private static function program(int $number): \Closure
    {
        $random = new Randomizer(new Mt19937(1000 + $number));
        $library = ShippedLibrary::get();
        $method = Method::default();
        $weeks = [];
        foreach (Demand::everyWeek() as $demand) {
            $rungs = array_values(array_filter($library->meeting($demand), static fn($rung): bool => $rung->inTrunk($method) && $rung->height->tenths < 60 && Candidate::of($rung, $rung->defaultDose($method))->setSeconds < 120));
            $rung = $rungs[$random->getInt(0, count($rungs) - 1)];
            $dose = $rung->defaultDose($method);
            for ($week = 0; $week < self::WEEKS; $week++) {
                $weeks[$week][] = Candidate::of($rung, $dose);
                $dose = DoseStep::up($rung, $dose, $method)->dose ?? $dose;
            }
        }
        $sessions = [60 * $random->getInt(8, 12), 60 * $random->getInt(8, 12)];
        $aims = Aim::cases();
        $aim = $aims[$random->getInt(0, count($aims) - 1)];
        $minimum = array_fill_keys(array_map(static fn(Demand $demand): string => $demand->value, Demand::everyWeek()), 1);

        return static fn(int $week, Carried $carried): SetProblem => new SetProblem($weeks[$week], $sessions, $aim->targets(), $minimum, [], $carried);
    }

    /**
     * The same program planned as the generator plans it: week after week, then all of them together.
     *
     * @return array{list<SetProblem>, list<SetPlan>}
     */
    public static function planned(int $number): array
    {
        $week = self::program($number);
        [$carried, $near, $problems, $plans] = [Carried::nothing(), null, [], []];
        for ($at = 0; $at < self::WEEKS; $at++) {
            $problems[] = $problem = $week($at, $carried);
            $plans[] = $near = SetSearch::solve($problem, 1, $near);
            $carried = $carried->after($problem, $near);
        }

        return [$problems, Recurring::plans($problems, Refined::plans($problems, $plans, Carried::nothing(), 1), Carried::nothing())];
    }

    /**
     * @param list<SetProblem> $problems weeks of which only the sum counts
     *
     * @return array{int, float} sessions short, and how far the sum is from the shares
     */
    public static function optimumOfTheSum(array $problems): array
    {
        $cost = self::solved(self::modelOf($problems), self::PATIENCE);
        $short = (int) floor($cost / self::SHORT);

        return [$short, ($cost - $short * self::SHORT) / self::whole($problems)];
    }

    /**
     * @param list<SetProblem> $problems
     * @param list<SetPlan>    $plans
     *
     * @return array{int, float} the same of what was found
     */
    public static function sum(array $problems, array $plans): array
    {
        $sum = Carried::nothing();
        $short = 0;
        foreach ($plans as $at => $plan) {
            $sum = $sum->after($problems[$at], $plan);
            $short += array_sum($plan->short);
        }

        return [$short, array_sum(array_map(abs(...), $sum->halfSeconds)) / self::whole($problems)];
    }

    /** @param list<SetProblem> $problems */
    private static function whole(array $problems): int
    {
        return 2 * array_sum(array_map(static fn(SetProblem $problem): int => $problem->whole, $problems));
    }

    /**
     * The least cost there is: sessions short of the minimum first, then the distance.
     *
     * @return array{int, float} sessions short, Σ|w_d − t_d·W| ÷ (2W)
     */
    public static function optimum(SetProblem $problem): array
    {
        $cost = self::solved(self::modelOf([$problem]));
        $short = (int) floor($cost / self::SHORT);

        return [$short, ($cost - $short * self::SHORT) / (2 * $problem->whole)];
    }

    /** The optimum; where the solver is not done in time, the bound below which it cannot lie. */
    private static function solved(string $lines, int $seconds = 60): float
    {
        $folder = sys_get_temp_dir().'/even-rungs-'.bin2hex(random_bytes(6));
        [$model, $answer] = ["{$folder}.lp", "{$folder}.txt"];
        file_put_contents($model, $lines);
        exec('glpsol --lp '.escapeshellarg($model)." --tmlim {$seconds} --cuts -o ".escapeshellarg($answer).' 2>&1', $said, $code);
        $text = is_file($answer) ? (string) file_get_contents($answer) : '';
        array_map(static fn(string $file): bool => is_file($file) && unlink($file), [$model, $answer]);
        if ($code === 0 && str_contains($text, 'INTEGER NON-OPTIMAL') && preg_match_all('/mip =\s+\S+ >=\s+(\S+)/', implode("\n", $said), $bounds) > 0) {
            return (float) end($bounds[1]);
        }
        if ($code !== 0 || preg_match('/^Status:\s+INTEGER OPTIMAL/m', $text) !== 1 || preg_match('/^Objective:\s+cost = (\S+)/m', $text, $found) !== 1) {
            throw new \RuntimeException('GLPK did not solve the case: '.implode("\n", array_slice($said, -5)));
        }

        return (float) $found[1];
    }

    /** Large enough to come first, small enough for a solver in floating point. */
    private const SHORT = 100_000;

    /**
     * The problem in the LP format: sets x, presence y, demand met z, distance e of the sum, sessions short q.
     *
     * @param list<SetProblem> $problems one a week
     */
    private static function modelOf(array $problems): string
    {
        $cost = $rows = $whole = $binary = [];
        foreach (Demand::withShare() as $d => $demand) {
            $cost[] = "e{$d}";
            $sum = '';
            $goal = 0;
            foreach ($problems as $w => $problem) {
                $goal += $problem->share[$demand->value];
                foreach ($problem->offers as $l => $offer) {
                    foreach ($offer->gives($demand) > 0 ? array_keys($problem->seconds) : [] as $s) {
                        $sum .= "+ {$offer->gives($demand)} x{$w}_{$s}_{$l} ";
                    }
                }
            }
            $rows[] = "{$sum}- e{$d} <= {$goal}";
            $rows[] = "{$sum}+ e{$d} >= {$goal}";
        }
        foreach ($problems as $w => $problem) {
            foreach (array_keys($problem->seconds) as $s) {
                $time = [];
                foreach ($problem->offers as $l => $offer) {
                    $each = $offer->setSeconds + $offer->restSeconds;
                    $enter = $problem->entry[$l] - $offer->restSeconds;
                    $time[] = "+ {$each} x{$w}_{$s}_{$l} ".($enter < 0 ? '- '.(-$enter) : "+ {$enter}")." y{$w}_{$s}_{$l}";
                    $rows[] = "x{$w}_{$s}_{$l} - {$offer->mostSets} y{$w}_{$s}_{$l} <= 0";
                    $rows[] = "x{$w}_{$s}_{$l} - {$offer->leastSets} y{$w}_{$s}_{$l} >= 0";
                    $whole[] = "x{$w}_{$s}_{$l}";
                    $binary[] = "y{$w}_{$s}_{$l}";
                }
                if ($time !== []) {
                    $rows[] = implode(' ', $time).' <= '.$problem->room($s);
                }
            }
            foreach (Demand::everyWeek() as $d => $demand) {
                $minimum = $problem->minimum[$demand->value] ?? 0;
                $cost[] = self::SHORT." q{$w}_{$d}";
                $met = [];
                foreach (array_keys($problem->seconds) as $s) {
                    $there = array_keys(array_filter($problem->offers, static fn(Candidate $offer): bool => $offer->demand() === $demand));
                    $present = implode(' ', array_map(static fn(int $l): string => "- y{$w}_{$s}_{$l}", $there));
                    $rows[] = "z{$w}_{$s}_{$d} {$present} <= 0";
                    $met[] = "z{$w}_{$s}_{$d}";
                    $binary[] = "z{$w}_{$s}_{$d}";
                }
                $rows[] = implode(' + ', $met)." + q{$w}_{$d} >= {$minimum}";
            }
        }

        return "Minimize\n cost: ".implode(' + ', $cost)."\nSubject To\n ".implode("\n ", $rows)
            ."\nGeneral\n ".implode(' ', $whole)."\nBinary\n ".implode(' ', $binary)."\nEnd\n";
    }
}
