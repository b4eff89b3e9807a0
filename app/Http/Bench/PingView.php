<?php

declare(strict_types=1);

namespace App\Http\Bench;

final readonly class PingView
{
    public function __construct(public bool $here) {}
}
