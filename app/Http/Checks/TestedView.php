<?php

declare(strict_types=1);

namespace App\Http\Checks;

use OpenApi\Attributes as OA;

/** A test that was kept, in a sentence. */
#[OA\Schema]
final readonly class TestedView
{
    public function __construct(
        public string $id,
        public string $sentence,
    ) {}
}
