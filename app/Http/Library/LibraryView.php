<?php

declare(strict_types=1);

namespace App\Http\Library;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** All ladders, in the order of the board. */
#[OA\Schema]
final readonly class LibraryView
{
    /**
     * @param list<LibraryLadderView> $ladders
     */
    public function __construct(
        #[OA\Property]
        public string $version,
        #[ListOf(LibraryLadderView::class)]
        public array $ladders,
    ) {}
}
