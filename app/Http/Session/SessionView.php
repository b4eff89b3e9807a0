<?php

declare(strict_types=1);

namespace App\Http\Session;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SessionView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public int $version,
        #[OA\Property]
        public string $changedAt,
        #[OA\Property(description: 'of this session; the person’s own when null')]
        public ?int $minutes,
        #[OA\Property]
        public PreviewView $preview,
    ) {}
}
