<?php

declare(strict_types=1);

namespace EvenRungs\Statics;

use EvenRungs\Body\Demand;
use EvenRungs\Figure\Kit;
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
    /** N·m of the demand that are hardly felt as more. */
    public const SMALL = 10;

    /** Less than this part of the load is another exercise. */
    private const LEAST = 0.25;

    public function __construct(private Solver $solver, private Demand $demand, private float $mass = Setting::MASS, private float $stature = Setting::STATURE) {}

    /**
     * @param int $asked N·m of the demand on the rung below
     *
     * @return float|null part of the load, below 1; null where the climb is small already, or no load makes it so
     */
    public function load(Plan $plan, int $asked): ?float
    {
        $kit = array_filter($plan->setting->kit, static fn(Kit $piece): bool => $piece->resists());
        if ($kit === []) {
            return null;
        }
        $most = $asked + self::SMALL;
        [$full, $least] = [$this->asks($plan), $this->asks($plan->with($plan->setting->loaded(self::LEAST)))];
        if ($full <= $most || $least >= $full || $least > $most) {
            return null;
        }
        $part = self::LEAST + (1 - self::LEAST) * ($most - $least) / ($full - $least);

        return $this->asks($plan->with($plan->setting->loaded($part))) <= $most + self::SMALL / 2 ? $part : null;
    }

    /**
     * @return list<array{float, int}> along the way: how far what slides has come, in cm (0 where nothing slides), and N·m of the demand, the highest so far
     */
    public function along(Plan $plan): array
    {
        $stands = $plan->stands($this->solver);
        $along = [];
        $highest = 0;
        foreach ($plan->way($this->solver, $stands) as $stood) {
            $highest = max($highest, Hardness::along($plan, [$stood], [$stood], $this->mass, $this->stature)->demand($this->demand));
            $along[] = [$this->travelled($stands[0], $stood), $highest];
        }

        return $along;
    }

    private function asks(Plan $plan): int
    {
        return Hardness::of($plan, $this->solver, $this->mass, $this->stature)->demand($this->demand);
    }

    private function travelled(Stood $from, Stood $to): float
    {
        $most = 0.0;
        foreach ($to->supports as $support) {
            if ($support->slides) {
                [$a, $b] = [$from->body->at($support->spot), $to->body->at($support->spot)];
                $most = max($most, hypot($a[0] - $b[0], $a[1] - $b[1]) * $this->stature);
            }
        }

        return $most;
    }
}
