<?php

declare(strict_types=1);

namespace App\Http\Shared;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SavedView
{
    public function __construct(public string $id) {}
}
