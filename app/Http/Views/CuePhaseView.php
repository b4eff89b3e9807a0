<?php

declare(strict_types=1);

namespace App\Http\Views;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CuePhaseView
{
    public function __construct(
        #[OA\Property]
        public string $word,
        #[OA\Property]
        public int $seconds,
        #[OA\Property]
        public bool $isPause,
    ) {}
}
