<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Api\ListOf;
use App\Http\Shared\DangerSignView;
use OpenApi\Attributes as OA;

/** One answer to the danger signs. */
#[OA\Schema]
final readonly class ScreeningView
{
    /** @param list<DangerSignView> $signs answered with yes */
    public function __construct(
        #[OA\Property]
        public string $answeredOn,
        #[ListOf(DangerSignView::class)]
        public array $signs,
    ) {}
}
