<?php

declare(strict_types=1);

namespace App\Http\Session;

/** An exercise as the composer writes it. */
final readonly class WrittenItemView
{
    /** @param string $dose as it was typed */
    public function __construct(public string $id, public string $rung, public string $dose) {}
}
