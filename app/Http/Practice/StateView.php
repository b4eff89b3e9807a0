<?php

declare(strict_types=1);

namespace App\Http\Practice;

use OpenApi\Attributes as OA;

/** A state of the caution table. */
#[OA\Schema]
final readonly class StateView
{
    public function __construct(
        #[OA\Property]
        public string $value,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public bool $sided,
        #[OA\Property]
        public string $caution,
        #[OA\Property(description: 'a clearance opens part of it')]
        public bool $clearable,
    ) {}
}
