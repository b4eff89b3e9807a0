<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Api\OneOf;
use App\Http\Shared\GateView;
use EvenRungs\Body\Side;
use OpenApi\Attributes as OA;

/** Where the person stands on a ladder. */
#[OA\Schema]
final readonly class PositionView
{
    public function __construct(
        #[OA\Property]
        public string $placement,
        #[OneOf(Side::class)]
        public string $side,
        #[OA\Property]
        public string $rung,
        #[OA\Property]
        public string $placedOn,
        #[OA\Property]
        public string $reason,
        #[OA\Property]
        public bool $stopped,
        #[OA\Property]
        public GateView $gate,
        #[OA\Property(description: 'the rung a climb would lead to', nullable: true)]
        public ?string $next,
    ) {}
}
