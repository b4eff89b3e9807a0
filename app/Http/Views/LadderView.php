<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class LadderView
{
    /**
     * @param list<RungView>  $rungs  lowest first
     * @param list<StandView> $stands none, one, or left and right
     */
    public function __construct(
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $shortName,
        #[OA\Property]
        public string $demand,
        #[ListOf(RungView::class)]
        public array $rungs,
        #[ListOf(StandView::class)]
        public array $stands,
    ) {}
}
