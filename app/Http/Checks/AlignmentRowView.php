<?php

declare(strict_types=1);

namespace App\Http\Checks;

use OpenApi\Attributes as OA;

/** An alignment check as it was kept. */
#[OA\Schema]
final readonly class AlignmentRowView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(enum: ['side', 'behind'])]
        public string $view,
        #[OA\Property(nullable: true)]
        public ?string $photo,
        #[OA\Property]
        public AlignmentView $found,
        #[OA\Property]
        public string $note,
        #[OA\Property]
        public string $testedOn,
    ) {}
}
