<?php

declare(strict_types=1);

namespace App\Http\Board;

/** How a person sets up a rung for themselves. */
final readonly class SetUpView
{
    public function __construct(
        public string $rung,
        public string $text,
        public int $version,
    ) {}
}
