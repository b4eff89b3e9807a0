<?php

declare(strict_types=1);

namespace App\Http\Session;

final readonly class ItemInput
{
    public function __construct(
        public string $id,
        public string $rung,
        public string $dose,
    ) {}
}
