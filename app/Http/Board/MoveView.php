<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Api\ListOf;
use App\Api\MapOf;
use App\Api\OneOf;
use EvenRungs\Body\Side;
use EvenRungs\Progress\Decision;
use OpenApi\Attributes as OA;

/** A move of a person on a ladder: who, when, why, and the whole board after it. */
#[OA\Schema]
final readonly class MoveView
{
    /**
     * @param list<StoodView>              $stands  all ladders after the move; none when it was taken back
     * @param array<string, int>|\stdClass $heights of the demands after the move, in tenths
     */
    public function __construct(
        #[OA\Property]
        public string $placement,
        #[OA\Property]
        public string $on,
        #[OA\Property]
        public string $by,
        #[OA\Property]
        public string $ladder,
        #[OneOf(Side::class)]
        public string $side,
        #[OA\Property]
        public string $sentence,
        #[OA\Property]
        public string $reason,
        #[OneOf(Decision::class, nullable: true)]
        public ?string $decision,
        #[OA\Property]
        public bool $takenBack,
        #[OA\Property(nullable: true)]
        public ?string $spreadText,
        #[ListOf(StoodView::class)]
        public array $stands,
        #[MapOf('integer')]
        public array|\stdClass $heights,
    ) {}
}
