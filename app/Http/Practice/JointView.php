<?php

declare(strict_types=1);

namespace App\Http\Practice;

/** A joint that a figure can be bent at. */
final readonly class JointView
{
    /** @param list<AngleView> $angles in the order they are given */
    public function __construct(public string $joint, public bool $paired, public array $angles) {}
}
