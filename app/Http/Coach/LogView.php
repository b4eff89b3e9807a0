<?php

declare(strict_types=1);

namespace App\Http\Coach;

/** A logged session. */
final readonly class LogView
{
    public function __construct(
        public string $id,
        public string $title,
        public string $doneOn,
        public int $sets,
    ) {}
}
