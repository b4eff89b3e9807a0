<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** A demand on the board: its height and whether anything of it is open. */
#[OA\Schema]
final readonly class DemandView
{
    /** @param list<LadderView> $ladders */
    public function __construct(
        #[OA\Property]
        public string $value,
        #[OA\Property]
        public string $shortName,
        #[OA\Property]
        public ?int $height,
        #[OA\Property]
        public ?string $heightText,
        #[OA\Property]
        public bool $toppedOut,
        #[OA\Property]
        public bool $weakest,
        #[OA\Property(description: 'limits and kit leave no rung of this demand')]
        public bool $nothingFits,
        #[ListOf(LadderView::class)]
        public array $ladders,
    ) {}
}
