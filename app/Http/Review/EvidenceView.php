<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** What a set of the evidence says, in words. */
#[OA\Schema]
final readonly class EvidenceView
{
    /** @param list<string> $faults */
    public function __construct(
        #[OA\Property]
        public int $set,
        #[OA\Property]
        public string $done,
        #[ListOf('string')]
        public array $faults,
        #[OA\Property]
        public ?int $pain,
        #[OA\Property]
        public ?int $effort,
    ) {}
}
