<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

/** What a pressure cuff showed at a moment. */
final readonly class BraceSample
{
    /** @param int $ms since the check began */
    public function __construct(public int $ms, public float $mmHg) {}
}
