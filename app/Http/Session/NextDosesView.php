<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class NextDosesView
{
    /** @param list<NextDoseView> $doses */
    public function __construct(
        #[ListOf(NextDoseView::class)]
        public array $doses,
    ) {}
}
