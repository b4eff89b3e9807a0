<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** The dose proposed for the next session on a rung, from the last one logged. */
#[OA\Schema]
final readonly class NextDoseView
{
    public function __construct(
        public string $rung,
        public string $dose,
        public bool $rises,
        public ReasonView $reason,
    ) {}
}
