<?php

declare(strict_types=1);

namespace App\Http\Library;

use OpenApi\Attributes as OA;

/** A ladder as a file to keep or to pass on. */
#[OA\Schema]
final readonly class LadderFileView
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $text,
    ) {}
}
