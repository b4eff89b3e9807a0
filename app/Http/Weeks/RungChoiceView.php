<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use OpenApi\Attributes as OA;

/** A rung that can be chosen. */
#[OA\Schema]
final readonly class RungChoiceView
{
    public function __construct(
        public string $rung,
        public string $name,
        public string $height,
    ) {}
}
