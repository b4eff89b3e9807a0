<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\ListOf;
use App\Api\OneOf;
use App\Http\Shared\ReasonView;
use EvenRungs\Body\Side;
use OpenApi\Attributes as OA;

/** A rung proposed to start on. */
#[OA\Schema]
final readonly class StartView
{
    /** @param list<ReasonView> $reasons */
    public function __construct(
        #[OA\Property]
        public string $ladder,
        #[OneOf(Side::class)]
        public string $side,
        #[OA\Property]
        public string $rung,
        #[OA\Property(description: 'wall or chair version offered beside it', nullable: true)]
        public ?string $support,
        #[ListOf(ReasonView::class)]
        public array $reasons,
        #[OA\Property(description: 'where the person stands now', nullable: true)]
        public ?string $standsOn,
    ) {}
}
