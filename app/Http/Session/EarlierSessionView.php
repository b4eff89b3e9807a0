<?php

declare(strict_types=1);

namespace App\Http\Session;

use OpenApi\Attributes as OA;

/** A session of the practice that another can start from. */
#[OA\Schema]
final readonly class EarlierSessionView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $person,
        #[OA\Property(description: 'of the person at hand')]
        public bool $own,
        #[OA\Property]
        public string $changedAt,
    ) {}
}
