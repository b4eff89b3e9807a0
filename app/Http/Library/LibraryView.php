<?php

declare(strict_types=1);

namespace App\Http\Library;

use OpenApi\Attributes as OA;

/** All ladders, in the order of the board. */
#[OA\Schema]
final readonly class LibraryView
{
    /** @param list<LibraryLadderView> $ladders */
    public function __construct(
        public string $version,
        public array $ladders,
    ) {}
}
