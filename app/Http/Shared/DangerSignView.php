<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Api\OneOf;
use EvenRungs\Screening\Urgency;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class DangerSignView
{
    public function __construct(
        #[OA\Property]
        public string $value,
        #[OA\Property]
        public string $question,
        #[OneOf(Urgency::class)]
        public string $urgency,
        #[OA\Property]
        public string $urgencyText,
    ) {}
}
