<?php

declare(strict_types=1);

namespace App\Http\Shared;

final readonly class SavedView
{
    public function __construct(public string $id) {}
}
