<?php

declare(strict_types=1);

namespace App\Http\Views;

use OpenApi\Attributes as OA;

/** A rung that can take the place of an exercise, with its default dose. */
#[OA\Schema]
final readonly class SwapView
{
    public function __construct(
        #[OA\Property]
        public string $rung,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $dose,
    ) {}
}
