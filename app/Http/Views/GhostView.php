<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Api\OneOf;
use EvenRungs\Body\Side;
use OpenApi\Attributes as OA;

/** Where the person stood four weeks ago. */
#[OA\Schema]
final readonly class GhostView
{
    public function __construct(
        #[OneOf(Side::class)]
        public string $side,
        #[OA\Property]
        public string $rung,
    ) {}
}
