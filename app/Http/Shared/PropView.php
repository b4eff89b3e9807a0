<?php

declare(strict_types=1);

namespace App\Http\Shared;

use EvenRungs\Figure\Joint;
use EvenRungs\Figure\PropKind;
use OpenApi\Attributes as OA;

/** A piece of kit tied to a joint of the figure. */
#[OA\Schema]
final readonly class PropView
{
    /** @param int|null $direction degrees */
    public function __construct(
        public PropKind $kind,
        public Joint $joint,
        public ?int $direction,
    ) {}
}
