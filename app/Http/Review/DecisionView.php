<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Api\ListOf;
use App\Api\OneOf;
use EvenRungs\Progress\Decision;
use OpenApi\Attributes as OA;

/** A decision that was taken. */
#[OA\Schema]
final readonly class DecisionView
{
    /** @param list<string> $reasons sentences of the rules at the time */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $decidedOn,
        #[OA\Property]
        public string $ladderName,
        #[OA\Property]
        public string $side,
        #[OA\Property]
        public string $rungName,
        #[OneOf(Decision::class)]
        public string $proposed,
        #[OneOf(Decision::class)]
        public string $choice,
        #[OA\Property]
        public string $choiceText,
        #[OA\Property]
        public ?string $toName,
        #[OA\Property]
        public string $choiceReason,
        #[ListOf('string')]
        public array $reasons,
        #[OA\Property]
        public bool $takenBack,
        #[OA\Property]
        public bool $canTakeBack,
    ) {}
}
