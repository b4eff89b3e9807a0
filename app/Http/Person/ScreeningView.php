<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Http\Shared\DangerSignView;

/** One answer to the danger signs. */
final readonly class ScreeningView
{
    /** @param list<DangerSignView> $signs answered with yes */
    public function __construct(
        public string $answeredOn,
        public array $signs,
    ) {}
}
