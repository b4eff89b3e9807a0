<?php

declare(strict_types=1);

namespace App\Http\Home;

/** An exercise of the session, that a stage may change. */
final readonly class StageItemView
{
    public function __construct(public string $id, public string $rung, public string $name, public string $dose) {}
}
