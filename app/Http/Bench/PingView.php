<?php

declare(strict_types=1);

namespace App\Http\Bench;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class PingView
{
    public function __construct(public bool $here) {}
}
