<?php

declare(strict_types=1);

namespace App\Http\Shared;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class FaultView
{
    public function __construct(
        public string $seen,
        public string $fix,
    ) {}
}
