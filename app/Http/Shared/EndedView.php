<?php

declare(strict_types=1);

namespace App\Http\Shared;

/** Whose access was ended. */
final readonly class EndedView
{
    public function __construct(public string $id) {}
}
