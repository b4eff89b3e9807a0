<?php

declare(strict_types=1);

namespace EvenRungs\Screening;

/** A danger sign that was noted; `sequence` orders signs and clearances in time. */
final readonly class Sign
{
    public function __construct(public Urgency $urgency, public int $sequence) {}
}
