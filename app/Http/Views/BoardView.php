<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class BoardView
{
    /** @param list<DemandView> $demands */
    public function __construct(
        #[ListOf(DemandView::class)]
        public array $demands,
        #[OA\Property]
        public ?int $spread,
        #[OA\Property]
        public ?string $spreadText,
        #[OA\Property]
        public ReasonView $spreadReason,
        #[OA\Property]
        public int $ruledOut,
    ) {}
}
