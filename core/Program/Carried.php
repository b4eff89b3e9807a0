<?php

declare(strict_types=1);

namespace EvenRungs\Program;

/**
 * What the building weeks of a program so far gave a demand too much or too little: the next one is asked for so much less
 * or more. An easier week is not made up for.
 */
final readonly class Carried
{
    /** @param array<string, int> $halfSeconds by demand; less than 0 for too little */
    private function __construct(public array $halfSeconds) {}

    public static function nothing(): self
    {
        return new self([]);
    }

    /** After one week more. */
    public function after(SetProblem $problem, SetPlan $plan): self
    {
        $carried = $this->halfSeconds;
        foreach ($problem->given($plan) as $demand => $half) {
            $carried[$demand] = ($carried[$demand] ?? 0) + $half - $problem->share[$demand];
        }

        return new self($carried);
    }
}
