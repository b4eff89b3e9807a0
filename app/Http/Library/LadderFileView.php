<?php

declare(strict_types=1);

namespace App\Http\Library;

/** A ladder as a file to keep or to pass on. */
final readonly class LadderFileView
{
    public function __construct(
        public string $name,
        public string $text,
    ) {}
}
