<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Api\OneOf;
use EvenRungs\Body\Side;
use OpenApi\Attributes as OA;

/** Where the person stood on a ladder at another time. */
#[OA\Schema]
final readonly class StoodView
{
    public function __construct(
        #[OA\Property]
        public string $ladder,
        #[OneOf(Side::class)]
        public string $side,
        #[OA\Property]
        public string $rung,
    ) {}
}
