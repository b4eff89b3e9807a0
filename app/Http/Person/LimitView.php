<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Api\OneOf;
use EvenRungs\Body\Side;
use EvenRungs\Screening\State;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class LimitView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OneOf(State::class)]
        public string $state,
        #[OA\Property]
        public string $label,
        #[OneOf(Side::class)]
        public string $side,
        #[OA\Property]
        public string $note,
        #[OA\Property]
        public string $since,
        #[OA\Property]
        public bool $cleared,
    ) {}
}
