<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Http\Shared\ReasonView;

/** Whether the person may be planned for, trained and coached today. */
final readonly class AdmissionView
{
    public function __construct(
        public bool $open,
        public ?string $urgency,
        public ?string $urgencyText,
        public ?ReasonView $reason,
    ) {}
}
