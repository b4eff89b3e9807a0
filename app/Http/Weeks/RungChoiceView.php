<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use OpenApi\Attributes as OA;

/** A rung that can be chosen. */
#[OA\Schema]
final readonly class RungChoiceView
{
    public function __construct(
        #[OA\Property]
        public string $rung,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $height,
    ) {}
}
