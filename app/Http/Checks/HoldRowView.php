<?php

declare(strict_types=1);

namespace App\Http\Checks;

use EvenRungs\Assessment\HoldEnd;
use OpenApi\Attributes as OA;

/** One timed hold as it was done. */
#[OA\Schema]
final readonly class HoldRowView
{
    public function __construct(
        public string $id,
        public int $seconds,
        public HoldEnd $end,
        public string $note,
        public string $testedOn,
    ) {}
}
