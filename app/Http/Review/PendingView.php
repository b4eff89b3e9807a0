<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Api\ListOf;
use App\Api\OneOf;
use App\Http\Shared\GateView;
use App\Http\Shared\ReasonView;
use EvenRungs\Body\Side;
use EvenRungs\Progress\Decision;
use OpenApi\Attributes as OA;

/** A decision that waits for the trainer. */
#[OA\Schema]
final readonly class PendingView
{
    /**
     * @param list<ReasonView>   $reasons
     * @param list<EvidenceView> $evidence
     */
    public function __construct(
        #[OA\Property]
        public string $log,
        #[OA\Property]
        public string $ladder,
        #[OA\Property]
        public string $ladderName,
        #[OneOf(Side::class)]
        public string $side,
        #[OA\Property]
        public string $rung,
        #[OA\Property]
        public string $rungName,
        #[OA\Property]
        public string $rungHeight,
        #[OA\Property]
        public string $dose,
        #[OA\Property]
        public string $doneOn,
        #[OneOf(Decision::class)]
        public string $proposed,
        #[OA\Property]
        public ?string $to,
        #[OA\Property]
        public ?string $toName,
        #[OA\Property]
        public ?string $toHeight,
        #[OA\Property]
        public bool $reopened,
        #[ListOf(ReasonView::class)]
        public array $reasons,
        #[OA\Property]
        public GateView $gate,
        #[ListOf(EvidenceView::class)]
        public array $evidence,
        #[OA\Property]
        public ?int $morningPain,
        #[OA\Property(description: 'next open rung up, if any')]
        public ?string $up,
        #[OA\Property(description: 'next open rung down, if any')]
        public ?string $down,
    ) {}
}
