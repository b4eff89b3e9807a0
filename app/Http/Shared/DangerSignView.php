<?php

declare(strict_types=1);

namespace App\Http\Shared;

use EvenRungs\Screening\Urgency;

final readonly class DangerSignView
{
    public function __construct(
        public string $value,
        public string $question,
        public Urgency $urgency,
        public string $urgencyText,
    ) {}
}
