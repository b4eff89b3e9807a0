<?php

declare(strict_types=1);

namespace App\Http\Checks;

/** A picture that was kept, in its own pixels. */
final readonly class PhotoView
{
    public function __construct(
        public string $id,
        public int $width,
        public int $height,
    ) {}
}
