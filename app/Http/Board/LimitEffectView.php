<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Api\OneOf;
use App\Http\Shared\ReasonView;
use EvenRungs\Body\Side;
use OpenApi\Attributes as OA;

/** What a change of limits or kit does to one working rung. */
#[OA\Schema]
final readonly class LimitEffectView
{
    public function __construct(
        #[OA\Property]
        public string $ladder,
        #[OA\Property]
        public string $ladderName,
        #[OneOf(Side::class)]
        public string $side,
        #[OA\Property]
        public string $from,
        #[OA\Property(ref: '#/components/schemas/SubstituteView', nullable: true)]
        public ?SubstituteView $to,
        #[OA\Property]
        public ReasonView $reason,
    ) {}
}
