<?php

declare(strict_types=1);

namespace App\Http\Board;

use EvenRungs\Body\Side;

/** Where the person stood on a ladder at another time. */
final readonly class StoodView
{
    public function __construct(
        public string $ladder,
        public Side $side,
        public string $rung,
    ) {}
}
