<?php

declare(strict_types=1);

namespace App\Http\Checks;

use OpenApi\Attributes as OA;

/** A brace check as it was kept. */
#[OA\Schema]
final readonly class BraceRowView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public BraceView $found,
        #[OA\Property]
        public string $testedOn,
    ) {}
}
