<?php

declare(strict_types=1);

namespace Tests\Reference;

use EvenRungs\Balance\Aim;
use EvenRungs\Body\Demand;
use EvenRungs\Method\Method;
use EvenRungs\Program\Candidate;
use EvenRungs\Program\SetProblem;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\ShippedLibrary;

/** Small weeks from the shipped library, and their exact optimum as a mixed-integer problem by GLPK (GNU; Debian's glpk-utils). */
final class ExactSets
{
    public const CASES = 36;

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
     * The least cost there is: sessions short of the minimum first, then the distance.
     *
     * @return array{int, float} sessions short, Σ|w_d − t_d·W| ÷ (2W)
     */
    public static function optimum(SetProblem $problem): array
    {
        $folder = sys_get_temp_dir().'/even-rungs-'.bin2hex(random_bytes(6));
        [$model, $answer] = ["{$folder}.lp", "{$folder}.txt"];
        file_put_contents($model, self::model($problem));
        exec('glpsol --lp '.escapeshellarg($model).' --tmlim 60 -o '.escapeshellarg($answer).' 2>&1', $said, $code);
        $text = is_file($answer) ? (string) file_get_contents($answer) : '';
        array_map(static fn(string $file): bool => is_file($file) && unlink($file), [$model, $answer]);
        if ($code !== 0 || preg_match('/^Status:\s+INTEGER OPTIMAL/m', $text) !== 1 || preg_match('/^Objective:\s+cost = (\S+)/m', $text, $found) !== 1) {
            throw new \RuntimeException('GLPK did not solve the case: '.implode("\n", array_slice($said, -5)));
        }
        $cost = (float) $found[1];
        $short = (int) floor($cost / self::SHORT);

        return [$short, ($cost - $short * self::SHORT) / (2 * $problem->whole)];
    }

    /** Large enough to come first, small enough for a solver in floating point. */
    private const SHORT = 100_000;

    /** The problem in the LP format: sets x, presence y, demand met z, distance e, sessions short q. */
    private static function model(SetProblem $problem): string
    {
        $cost = $rows = $whole = $binary = [];
        foreach (Demand::withShare() as $d => $demand) {
            $cost[] = "e{$d}";
            $sum = [];
            foreach ($problem->offers as $l => $offer) {
                foreach (array_keys($problem->seconds) as $s) {
                    if ($offer->gives($demand) > 0) {
                        $sum[] = "+ {$offer->gives($demand)} x{$s}_{$l}";
                    }
                }
            }
            $sum = implode(' ', $sum);
            $goal = $problem->goal[$demand->value];
            $rows[] = "{$sum} - e{$d} <= {$goal}";
            $rows[] = ($sum === '' ? '' : $sum.' ')."+ e{$d} >= {$goal}";
        }
        foreach (array_keys($problem->seconds) as $s) {
            $time = [];
            foreach ($problem->offers as $l => $offer) {
                $each = $offer->setSeconds + $offer->restSeconds;
                $enter = $problem->entry[$l] - $offer->restSeconds;
                $time[] = "+ {$each} x{$s}_{$l} ".($enter < 0 ? '- '.(-$enter) : "+ {$enter}")." y{$s}_{$l}";
                $rows[] = "x{$s}_{$l} - {$offer->mostSets} y{$s}_{$l} <= 0";
                $rows[] = "x{$s}_{$l} - {$offer->leastSets} y{$s}_{$l} >= 0";
                $whole[] = "x{$s}_{$l}";
                $binary[] = "y{$s}_{$l}";
            }
            if ($time !== []) {
                $rows[] = implode(' ', $time).' <= '.$problem->room($s);
            }
        }
        foreach (Demand::everyWeek() as $d => $demand) {
            $minimum = $problem->minimum[$demand->value] ?? 0;
            $cost[] = self::SHORT." q{$d}";
            $met = [];
            foreach (array_keys($problem->seconds) as $s) {
                $there = array_keys(array_filter($problem->offers, static fn(Candidate $offer): bool => $offer->demand() === $demand));
                $present = implode(' ', array_map(static fn(int $l): string => "- y{$s}_{$l}", $there));
                $rows[] = "z{$s}_{$d} {$present} <= 0";
                $met[] = "z{$s}_{$d}";
                $binary[] = "z{$s}_{$d}";
            }
            $rows[] = implode(' + ', $met)." + q{$d} >= {$minimum}";
        }

        return "Minimize\n cost: ".implode(' + ', $cost)."\nSubject To\n ".implode("\n ", $rows)
            ."\nGeneral\n ".implode(' ', $whole)."\nBinary\n ".implode(' ', $binary)."\nEnd\n";
    }
}
