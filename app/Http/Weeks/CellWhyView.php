<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Http\Shared\ReasonView;

/** Why a cell of the program that holds is what it is. */
final readonly class CellWhyView
{
    public function __construct(
        public string $monday,
        public ?ReasonView $reason,
        public ?ReasonView $whySets,
    ) {}
}
