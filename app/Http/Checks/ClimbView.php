<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\OneOf;
use EvenRungs\Body\Side;
use OpenApi\Attributes as OA;

/** A climb test as it ended. */
#[OA\Schema]
final readonly class ClimbView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $ladder,
        #[OneOf(Side::class)]
        public string $side,
        #[OA\Property(nullable: true)]
        public ?string $workingRung,
        #[OA\Property]
        public string $sentence,
        #[OA\Property]
        public string $testedOn,
    ) {}
}
