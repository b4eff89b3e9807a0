<?php

declare(strict_types=1);

namespace EvenRungs\Log;

/** What was done in one set as a typed line tells it, in the unit of the dose; null for what was not told or rests. */
final readonly class LineSet
{
    public function __construct(public ?int $both, public ?int $left, public ?int $right) {}
}
