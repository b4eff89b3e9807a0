<?php

declare(strict_types=1);

namespace App\Http\Review;

use OpenApi\Attributes as OA;

/** What a set of the evidence says, in words. */
#[OA\Schema]
final readonly class EvidenceView
{
    /** @param list<string> $faults */
    public function __construct(
        public int $set,
        public string $done,
        public array $faults,
        public ?int $pain,
        public ?int $effort,
    ) {}
}
