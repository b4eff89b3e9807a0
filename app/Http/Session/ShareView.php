<?php

declare(strict_types=1);

namespace App\Http\Session;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ShareView
{
    public function __construct(
        #[OA\Property]
        public string $demand,
        #[OA\Property]
        public string $shortName,
        #[OA\Property(description: 'tenths of a per cent')]
        public int $share,
        #[OA\Property(description: 'tenths of a per cent')]
        public int $target,
    ) {}
}
