<?php

declare(strict_types=1);

namespace App\Http\Bench;

/** What needs the trainer today, most urgent first. */
final readonly class BenchView
{
    /** @param list<BenchLineView> $lines */
    public function __construct(
        public string $today,
        public array $lines,
    ) {}
}
