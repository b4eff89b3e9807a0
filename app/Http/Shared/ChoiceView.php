<?php

declare(strict_types=1);

namespace App\Http\Shared;

/** A value with its label, for lists to choose from. */
final readonly class ChoiceView
{
    public function __construct(
        public string $value,
        public string $label,
    ) {}
}
