<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Api\MapOf;
use App\Api\OneOf;
use EvenRungs\Balance\Aim;
use OpenApi\Attributes as OA;

/** The parts of work an aim asks for, by demand. */
#[OA\Schema]
final readonly class AimSharesView
{
    public function __construct(
        #[OneOf(Aim::class)]
        public string $aim,
        #[MapOf('integer')]
        public object $shares,
    ) {}
}
