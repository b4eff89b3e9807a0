<?php

declare(strict_types=1);

namespace App\Http\Library;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** A ladder as the library has it. */
#[OA\Schema]
final readonly class LibraryLadderView
{
    /**
     * @param list<RungView> $rungs     lowest first
     * @param list<string>   $signposts slugs of rungs of other ladders that belong here too
     */
    public function __construct(
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $shortName,
        #[OA\Property]
        public string $demand,
        #[OA\Property]
        public string $demandName,
        #[ListOf(RungView::class)]
        public array $rungs,
        #[ListOf('string')]
        public array $signposts,
    ) {}
}
