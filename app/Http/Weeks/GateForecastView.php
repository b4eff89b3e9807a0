<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** When a gate is likely reached, as Mondays: a band, never a promise. */
#[OA\Schema]
final readonly class GateForecastView
{
    public function __construct(
        #[OA\Property]
        public string $to,
        #[OA\Property]
        public string $toName,
        #[OA\Property]
        public string $earliest,
        #[OA\Property]
        public string $likely,
        #[OA\Property]
        public string $latest,
        #[OA\Property]
        public ReasonView $reason,
    ) {}
}
