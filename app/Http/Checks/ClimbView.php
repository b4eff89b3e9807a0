<?php

declare(strict_types=1);

namespace App\Http\Checks;

use EvenRungs\Body\Side;
use OpenApi\Attributes as OA;

/** A climb test as it ended. */
#[OA\Schema]
final readonly class ClimbView
{
    public function __construct(
        public string $id,
        public string $ladder,
        public Side $side,
        public ?string $workingRung,
        public string $sentence,
        public string $testedOn,
    ) {}
}
