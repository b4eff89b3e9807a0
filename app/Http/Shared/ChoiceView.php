<?php

declare(strict_types=1);

namespace App\Http\Shared;

use OpenApi\Attributes as OA;

/** A value with its label, for lists to choose from. */
#[OA\Schema]
final readonly class ChoiceView
{
    public function __construct(
        public string $value,
        public string $label,
    ) {}
}
