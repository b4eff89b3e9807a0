<?php

declare(strict_types=1);

namespace App\Http\Person;

use EvenRungs\Person\Step;
use EvenRungs\Person\StepState;

/** A step of the ladder of work. */
final readonly class StepView
{
    public function __construct(
        public Step $key,
        public StepState $state,
        public int $count,
    ) {}
}
