<?php

declare(strict_types=1);

namespace App\Http\Library;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** What is wrong with a ladder that is not kept yet, and what it would look like. */
#[OA\Schema]
final readonly class LadderCheckView
{
    /** @param list<string> $problems none when it can be kept */
    public function __construct(
        #[ListOf('string')]
        public array $problems,
        #[OA\Property(ref: '#/components/schemas/LibraryLadderView', nullable: true)]
        public ?LibraryLadderView $ladder,
        #[OA\Property(type: 'object', nullable: true, additionalProperties: true)]
        public mixed $document,
    ) {}
}
