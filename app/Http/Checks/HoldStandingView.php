<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\ListOf;
use App\Api\OneOf;
use App\Http\Shared\ReasonView;
use EvenRungs\Body\Side;
use OpenApi\Attributes as OA;

/** One side of a hold: whether it can be tested, and what was held. */
#[OA\Schema]
final readonly class HoldStandingView
{
    /** @param list<HoldRowView> $history newest first */
    public function __construct(
        #[OneOf(Side::class)]
        public string $side,
        #[OA\Property(ref: '#/components/schemas/ReasonView', description: 'why it is not tested', nullable: true)]
        public ?ReasonView $ruledOut,
        #[OA\Property]
        public ?int $last,
        #[OA\Property]
        public ?int $best,
        #[OA\Property(ref: '#/components/schemas/NormView', nullable: true)]
        public ?NormView $norm,
        #[OA\Property(description: 'whole per cent of the published group below; null where it would say more than is known')]
        public ?int $percentile,
        #[OA\Property(ref: '#/components/schemas/ReasonView', nullable: true)]
        public ?ReasonView $reason,
        #[OA\Property(ref: '#/components/schemas/ReasonView', description: 'the change since the test before', nullable: true)]
        public ?ReasonView $change,
        #[ListOf(HoldRowView::class)]
        public array $history,
    ) {}
}
