<?php

declare(strict_types=1);

namespace App\Http\Bench;

/** A squad that meets today, and of which nothing is told yet. */
final readonly class BenchSquadView
{
    /** @param string $sentence when, and how many of what */
    public function __construct(public string $id, public string $name, public string $sentence) {}
}
