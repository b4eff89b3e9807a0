<?php

declare(strict_types=1);

namespace App\Http\Board;

use OpenApi\Attributes as OA;

/** How a person sets up a rung for themselves. */
#[OA\Schema]
final readonly class SetUpView
{
    public function __construct(
        public string $rung,
        public string $text,
        public int $version,
    ) {}
}
