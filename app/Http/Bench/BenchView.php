<?php

declare(strict_types=1);

namespace App\Http\Bench;

use OpenApi\Attributes as OA;

/** What needs the trainer today, most urgent first. */
#[OA\Schema]
final readonly class BenchView
{
    /** @param list<BenchLineView> $lines */
    public function __construct(
        public string $today,
        public array $lines,
    ) {}
}
