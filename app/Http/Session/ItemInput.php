<?php

declare(strict_types=1);

namespace App\Http\Session;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ItemInput
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $rung,
        #[OA\Property]
        public string $dose,
    ) {}
}
