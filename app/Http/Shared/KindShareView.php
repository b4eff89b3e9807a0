<?php

declare(strict_types=1);

namespace App\Http\Shared;

final readonly class KindShareView
{
    /**
     * @param int $share  per cent of the working sets
     * @param int $target per cent
     */
    public function __construct(public string $label, public int $share, public int $target) {}
}
