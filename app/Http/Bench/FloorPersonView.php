<?php

declare(strict_types=1);

namespace App\Http\Bench;

final readonly class FloorPersonView
{
    /** @param string|null $session the one at hand; null where none is written */
    public function __construct(public string $id, public string $name, public string $on, public ?string $session) {}
}
