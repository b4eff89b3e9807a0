<?php

declare(strict_types=1);

namespace App\Actions;

/** An exercise as it is written in a session: entry id, rung, typed dose. */
final readonly class ItemText
{
    public function __construct(public string $id, public string $rung, public string $dose) {}
}
