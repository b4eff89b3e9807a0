<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** Whether the person may be planned for, trained and coached today. */
#[OA\Schema]
final readonly class AdmissionView
{
    public function __construct(
        #[OA\Property]
        public bool $open,
        #[OA\Property]
        public ?string $urgency,
        #[OA\Property]
        public ?string $urgencyText,
        #[OA\Property(ref: '#/components/schemas/ReasonView', nullable: true)]
        public ?ReasonView $reason,
    ) {}
}
