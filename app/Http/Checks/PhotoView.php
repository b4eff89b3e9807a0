<?php

declare(strict_types=1);

namespace App\Http\Checks;

use OpenApi\Attributes as OA;

/** A picture that was kept, in its own pixels. */
#[OA\Schema]
final readonly class PhotoView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public int $width,
        #[OA\Property]
        public int $height,
    ) {}
}
