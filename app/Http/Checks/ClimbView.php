<?php

declare(strict_types=1);

namespace App\Http\Checks;

use EvenRungs\Body\Side;

/** A climb test as it ended. */
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
