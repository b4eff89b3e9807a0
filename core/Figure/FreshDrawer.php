<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** Solves a plan whenever it is asked: some hundredths of a second for each frame. */
final class FreshDrawer implements Drawer
{
    private ?Solver $solver = null;

    public function figure(Plan $plan): Figure
    {
        $solver = $this->solver ??= new Solver;

        return Figure::of($plan, $plan->way($solver, $plan->stands($solver)));
    }

    public function fault(Plan $plan, FaultKind $kind): Figure
    {
        return Figure::of($plan, [$kind->in($plan, $this->solver ??= new Solver)]);
    }
}
