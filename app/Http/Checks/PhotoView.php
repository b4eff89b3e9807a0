<?php

declare(strict_types=1);

namespace App\Http\Checks;

use OpenApi\Attributes as OA;

/** A picture that was kept, in its own pixels. */
#[OA\Schema]
final readonly class PhotoView
{
    public function __construct(
        public string $id,
        public int $width,
        public int $height,
    ) {}
}
