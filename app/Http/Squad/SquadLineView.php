<?php

declare(strict_types=1);

namespace App\Http\Squad;

final readonly class SquadLineView
{
    /** @param list<string> $meets such as Tuesday at 17:30, in every week */
    public function __construct(public string $id, public string $name, public int $people, public int $stations, public array $meets) {}
}
