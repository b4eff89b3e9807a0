<?php

declare(strict_types=1);

namespace App\Http\Views;

use OpenApi\Attributes as OA;

/** The nearest fitting rung for one that is ruled out. */
#[OA\Schema]
final readonly class SubstituteView
{
    public function __construct(
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public ReasonView $reason,
    ) {}
}
