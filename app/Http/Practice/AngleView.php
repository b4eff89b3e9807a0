<?php

declare(strict_types=1);

namespace App\Http\Practice;

/** One angle of a joint, and how far it goes in degrees. */
final readonly class AngleView
{
    public function __construct(public string $name, public int $min, public int $max) {}
}
