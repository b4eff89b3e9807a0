<?php

declare(strict_types=1);

namespace App\Http\Session;

final readonly class NextDosesView
{
    /** @param list<NextDoseView> $doses */
    public function __construct(
        public array $doses,
    ) {}
}
