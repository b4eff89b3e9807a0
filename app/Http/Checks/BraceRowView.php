<?php

declare(strict_types=1);

namespace App\Http\Checks;

/** A brace check as it was kept. */
final readonly class BraceRowView
{
    public function __construct(
        public string $id,
        public BraceView $found,
        public string $testedOn,
    ) {}
}
