<?php

declare(strict_types=1);

namespace App\Http\Session;

final readonly class SessionLineView
{
    public function __construct(
        public string $id,
        public string $title,
        public string $changedAt,
        public ?string $lastDone,
    ) {}
}
