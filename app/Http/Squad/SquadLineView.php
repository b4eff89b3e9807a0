<?php

declare(strict_types=1);

namespace App\Http\Squad;

final readonly class SquadLineView
{
    public function __construct(public string $id, public string $name, public int $people, public int $stations) {}
}
