<?php

declare(strict_types=1);

namespace App\Http\Checks;

use OpenApi\Attributes as OA;

/** A ladder that can be climbed in a test. */
#[OA\Schema]
final readonly class ClimbableView
{
    public function __construct(
        #[OA\Property]
        public string $ladder,
        #[OA\Property(description: 'left and right are tried apart')]
        public bool $sided,
        #[OA\Property(description: 'where the person stands: the test begins two rungs below', nullable: true)]
        public ?string $guess,
    ) {}
}
