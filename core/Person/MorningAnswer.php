<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Progress\Morning;

/** How it was the next morning, for one ladder; `sequence` orders it in time. */
final readonly class MorningAnswer
{
    public function __construct(public string $ladder, public Morning $morning, public int $sequence) {}
}
