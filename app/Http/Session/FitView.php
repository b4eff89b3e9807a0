<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** How a session comes down to its minutes, or what minutes left over could give to the weakest demand. */
#[OA\Schema]
final readonly class FitView
{
    /** @param list<FitStepView> $steps */
    public function __construct(
        #[OA\Property(description: 'seconds over the minutes there are; negative when some are left')]
        public int $over,
        #[OA\Property(description: 'all steps together bring it inside the minutes')]
        public bool $fits,
        #[OA\Property]
        public string $sentence,
        #[ListOf(FitStepView::class)]
        public array $steps,
        #[OA\Property(ref: '#/components/schemas/WarningView', nullable: true)]
        public ?WarningView $offer,
    ) {}
}
