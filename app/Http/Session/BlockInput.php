<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use App\Api\OneOf;
use EvenRungs\Session\Part;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class BlockInput
{
    /**
     * @param list<ItemInput> $items
     * @param list<int>       $gapSeconds
     */
    public function __construct(
        #[OA\Property(enum: ['straight', 'circuit'])]
        public string $kind,
        #[OneOf(Part::class)]
        public string $part,
        #[ListOf(ItemInput::class)]
        public array $items,
        #[ListOf('integer')]
        public array $gapSeconds,
        #[OA\Property]
        public int $roundRestSeconds,
    ) {}
}
