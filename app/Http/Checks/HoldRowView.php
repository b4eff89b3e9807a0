<?php

declare(strict_types=1);

namespace App\Http\Checks;

use EvenRungs\Assessment\HoldEnd;

/** One timed hold as it was done. */
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
