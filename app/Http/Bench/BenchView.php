<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** What needs the trainer today, most urgent first. */
#[OA\Schema]
final readonly class BenchView
{
    /** @param list<BenchLineView> $lines */
    public function __construct(
        #[OA\Property]
        public string $today,
        #[ListOf(BenchLineView::class)]
        public array $lines,
    ) {}
}
