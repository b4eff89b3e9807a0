<?php

declare(strict_types=1);

namespace App\Http\Coach;

use OpenApi\Attributes as OA;

/** A logged session. */
#[OA\Schema]
final readonly class LogView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $doneOn,
        #[OA\Property]
        public int $sets,
    ) {}
}
