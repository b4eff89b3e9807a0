<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Api\ListOf;
use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class BoardView
{
    /**
     * @param list<DemandView> $demands
     * @param list<SetUpView>  $setUps  of rungs the person has an own set-up for
     */
    public function __construct(
        #[ListOf(DemandView::class)]
        public array $demands,
        #[OA\Property]
        public ?int $spread,
        #[OA\Property]
        public ?string $spreadText,
        #[OA\Property]
        public ReasonView $spreadReason,
        #[OA\Property(description: 'rungs closed by limits or kit')]
        public int $ruledOut,
        #[OA\Property(description: 'rungs the method does not use')]
        public int $putAway,
        #[OA\Property(description: 'spread four weeks ago', nullable: true)]
        public ?string $spreadBefore,
        #[ListOf(SetUpView::class)]
        public array $setUps,
    ) {}
}
