<?php

declare(strict_types=1);

namespace App\Http\Session;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class NextDosesView
{
    /** @param list<NextDoseView> $doses */
    public function __construct(
        public array $doses,
    ) {}
}
