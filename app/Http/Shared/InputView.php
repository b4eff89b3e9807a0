<?php

declare(strict_types=1);

namespace App\Http\Shared;

final readonly class InputView
{
    public function __construct(
        public string $name,
        public string $value,
    ) {}
}
