<?php

declare(strict_types=1);

namespace App\Http\Weeks;

/** A version of a person's program. */
final readonly class ProgramVersionView
{
    public function __construct(
        public string $id,
        public string $madeOn,
        public string $why,
        public int $weeks,
        public bool $holds,
        public bool $takenBack,
    ) {}
}
