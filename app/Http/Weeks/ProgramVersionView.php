<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use OpenApi\Attributes as OA;

/** A version of a person's program. */
#[OA\Schema]
final readonly class ProgramVersionView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $madeOn,
        #[OA\Property]
        public string $why,
        #[OA\Property]
        public int $weeks,
        #[OA\Property]
        public bool $holds,
    ) {}
}
