<?php

declare(strict_types=1);

namespace App\Http\Weeks;

/** A rung that can be chosen. */
final readonly class RungChoiceView
{
    public function __construct(
        public string $rung,
        public string $name,
        public string $height,
    ) {}
}
