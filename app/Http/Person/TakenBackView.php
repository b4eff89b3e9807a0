<?php

declare(strict_types=1);

namespace App\Http\Person;

/** A mistaken yes to a danger sign that was taken back. */
final readonly class TakenBackView
{
    public function __construct(
        public string $answeredOn,
        public string $by,
        public string $reason,
    ) {}
}
