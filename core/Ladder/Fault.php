<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

/** A fault to see, and what mends it. */
final readonly class Fault
{
    public function __construct(public string $seen, public string $fix) {}
}
