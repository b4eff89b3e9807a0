<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Api\ListOf;
use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** The program that holds, what a new one would begin from, and what speaks against the present one. */
#[OA\Schema]
final readonly class ProgramPageView
{
    /**
     * @param list<ProgramVersionView> $versions newest first
     * @param list<ReasonView>         $against  what has changed since it was made
     */
    public function __construct(
        #[OA\Property(nullable: true)]
        public ?string $id,
        #[OA\Property(ref: '#/components/schemas/ProgramView', nullable: true)]
        public ?ProgramView $program,
        #[OA\Property(description: 'for a new one, or for the rest of this one')]
        public ProgramRequestView $wish,
        #[OA\Property]
        public ReasonView $rate,
        #[ListOf(ProgramVersionView::class)]
        public array $versions,
        #[ListOf(ReasonView::class)]
        public array $against,
    ) {}
}
