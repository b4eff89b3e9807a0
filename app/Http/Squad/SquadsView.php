<?php

declare(strict_types=1);

namespace App\Http\Squad;

final readonly class SquadsView
{
    /** @param list<SquadLineView> $squads by name */
    public function __construct(public array $squads) {}
}
