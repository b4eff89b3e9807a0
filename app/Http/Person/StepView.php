<?php

declare(strict_types=1);

namespace App\Http\Person;

use EvenRungs\Person\Step;
use EvenRungs\Person\StepState;
use OpenApi\Attributes as OA;

/** A step of the ladder of work. */
#[OA\Schema]
final readonly class StepView
{
    public function __construct(
        public Step $key,
        public StepState $state,
        public int $count,
    ) {}
}
