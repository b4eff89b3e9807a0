<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Api\OneOf;
use EvenRungs\Figure\Joint;
use EvenRungs\Figure\PropKind;
use OpenApi\Attributes as OA;

/** A piece of kit tied to a joint of the figure. */
#[OA\Schema]
final readonly class PropView
{
    public function __construct(
        #[OneOf(PropKind::class)]
        public string $kind,
        #[OneOf(Joint::class)]
        public string $joint,
        #[OA\Property(description: 'degrees', nullable: true)]
        public ?int $direction,
    ) {}
}
