<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\OneOf;
use EvenRungs\Assessment\HoldEnd;
use OpenApi\Attributes as OA;

/** One timed hold as it was done. */
#[OA\Schema]
final readonly class HoldRowView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public int $seconds,
        #[OneOf(HoldEnd::class)]
        public string $end,
        #[OA\Property]
        public string $note,
        #[OA\Property]
        public string $testedOn,
    ) {}
}
