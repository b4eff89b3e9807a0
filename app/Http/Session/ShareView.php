<?php

declare(strict_types=1);

namespace App\Http\Session;

final readonly class ShareView
{
    /**
     * @param int $share  tenths of a per cent
     * @param int $target tenths of a per cent
     */
    public function __construct(
        public string $demand,
        public string $shortName,
        public int $share,
        public int $target,
    ) {}
}
