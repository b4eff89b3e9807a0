<?php

declare(strict_types=1);

namespace App\Http\Library;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** A ladder as its file says it, for editing. */
#[OA\Schema]
final readonly class LadderSourceView
{
    /** @param list<string> $inUse slugs of rungs that placings, logs, decisions or sessions rest on: they can be hidden, not taken out */
    public function __construct(
        #[OA\Property]
        public string $slug,
        #[OA\Property(description: 'of the practice’s own version; 0 while it has none')]
        public int $version,
        #[OA\Property(description: 'there is a shipped ladder of this name to go back to')]
        public bool $shipped,
        #[OA\Property(type: 'object', additionalProperties: true)]
        public mixed $document,
        #[ListOf('string')]
        public array $inUse,
    ) {}
}
