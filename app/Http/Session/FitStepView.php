<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** One step towards the minutes, and the session once it and all before it are taken. */
#[OA\Schema]
final readonly class FitStepView
{
    /** @param list<WrittenBlockView> $blocks */
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/ReasonView')]
        public ReasonView $reason,
        #[OA\Property]
        public int $savedSeconds,
        #[OA\Property]
        public int $totalSeconds,
        #[OA\Property]
        public string $totalText,
        #[ListOf(WrittenBlockView::class)]
        public array $blocks,
    ) {}
}
