<?php

declare(strict_types=1);

namespace App\Http\Board;

/** What fits in the place of a rung that is ruled out. */
final readonly class InsteadView
{
    /** @param list<SubstituteView> $substitutes nearest first; none where the demand stays open */
    public function __construct(
        public array $substitutes,
    ) {}
}
