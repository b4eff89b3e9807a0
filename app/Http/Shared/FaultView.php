<?php

declare(strict_types=1);

namespace App\Http\Shared;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class FaultView
{
    public function __construct(
        #[OA\Property]
        public string $seen,
        #[OA\Property]
        public string $fix,
    ) {}
}
