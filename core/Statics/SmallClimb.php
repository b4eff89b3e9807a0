<?php

declare(strict_types=1);

namespace EvenRungs\Statics;

use EvenRungs\Body\Demand;
use EvenRungs\Figure\Plan;
use EvenRungs\Figure\Setting;
use EvenRungs\Figure\Solver;
use EvenRungs\Figure\Stood;

/**
 * How a higher rung is begun so that it asks for little more than the one below: with less load, or over less of its way.
 * In a still body what is resisted grows evenly with the load, so two of them tell the one between.
 */
final readonly class SmallClimb
{
    /** N·m of the demand that are hardly felt as more: our own choice. */
    public const SMALL = 10;

    /** Less than this part of the load is another exercise. */
    private const LEAST = 0.25;

    /** What weights and hanging scales tell apart: kilograms, and newtons. */
    private const STEPS = ['kg' => 0.5, 'N of pull' => 5.0];

    /** @var non-empty-list<Stood> */
    private array $stands;

    /** @var non-empty-list<Stood> */
    private array $way;

    public function __construct(private Plan $plan, Solver $solver, private Demand $demand, private float $mass = Setting::MASS, private float $stature = Setting::STATURE)
    {
        $this->stands = $plan->stands($solver);
        $this->way = $plan->way($solver, $this->stands);
    }

    /** Whether a rung asks for so much more than the one below that there is something to make smaller. */
    public static function isLarge(Hardness $rung, Hardness $below, Demand $demand): bool
    {
        return $rung->unmeasured === null && $rung->demand($demand) > $below->demand($demand) + self::SMALL;
    }

    /**
     * @param int $asked N·m of the demand on the rung below
     *
     * @return float|null part of the load, below 1; null where the climb is small already, or no load makes it so
     */
    public function load(int $asked): ?float
    {
        $most = $asked + self::SMALL;
        [$full, $least] = [$this->asks(1.0), $this->asks(self::LEAST)];
        if ($full <= $most || $least >= $full || $least > $most) {
            return null;
        }
        $part = self::LEAST + (1 - self::LEAST) * ($most - $least) / ($full - $least);

        return $this->asks($part) <= $most + self::SMALL / 2 ? $part : null;
    }

    /** A part of the load in words, down to what can be taken; null where nothing lighter can. */
    public static function inWords(Setting $setting, float $part): ?string
    {
        [$all, $unit] = $setting->kilograms() > 0 ? [$setting->kilograms(), 'kg'] : [$setting->newtons(), 'N of pull'];
        $less = self::STEPS[$unit] * floor($all * $part / self::STEPS[$unit]);

        return $less <= 0 || $less >= $all ? null : sprintf('With about %s %s in place of %s it asks for hardly more than where they stand.', $less, $unit, $all);
    }

    /**
     * @return list<array{float, int}> along the way: how far what slides has come, in cm (0 where nothing slides), and N·m of the demand, the highest so far
     */
    public function along(): array
    {
        $along = [];
        $highest = 0;
        foreach ($this->way as $stood) {
            $highest = max($highest, Hardness::along($this->plan, [$stood], [$stood], $this->mass, $this->stature)->demand($this->demand));
            $along[] = [$this->travelled($stood), $highest];
        }

        return $along;
    }

    /** With so many times the load, in the posture that carries all of it. */
    private function asks(float $times): int
    {
        return Hardness::along($this->plan->with($this->plan->setting->loaded($times)), $this->stands, $this->way, $this->mass, $this->stature)->demand($this->demand);
    }

    private function travelled(Stood $to): float
    {
        $most = 0.0;
        foreach ($to->supports as $support) {
            if ($support->slides) {
                [$a, $b] = [$this->stands[0]->body->at($support->spot), $to->body->at($support->spot)];
                $most = max($most, hypot($a[0] - $b[0], $a[1] - $b[1]) * $this->stature);
            }
        }

        return $most;
    }
}
