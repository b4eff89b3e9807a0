<?php

declare(strict_types=1);

namespace App\Http\Coach;

use OpenApi\Attributes as OA;

/** A logged session. */
#[OA\Schema]
final readonly class LogView
{
    public function __construct(
        public string $id,
        public string $title,
        public string $doneOn,
        public int $sets,
    ) {}
}
