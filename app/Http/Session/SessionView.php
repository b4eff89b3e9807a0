<?php

declare(strict_types=1);

namespace App\Http\Session;

final readonly class SessionView
{
    /**
     * @param int|null $minutes of this session; the person’s own when null
     * @param int|null $picks   so many of its exercises the person picks; null for all
     */
    public function __construct(
        public string $id,
        public string $title,
        public int $version,
        public string $changedAt,
        public ?int $minutes,
        public ?int $picks,
        public PreviewView $preview,
    ) {}
}
