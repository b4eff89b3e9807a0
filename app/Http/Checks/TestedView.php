<?php

declare(strict_types=1);

namespace App\Http\Checks;

/** A test that was kept, in a sentence. */
final readonly class TestedView
{
    public function __construct(
        public string $id,
        public string $sentence,
    ) {}
}
