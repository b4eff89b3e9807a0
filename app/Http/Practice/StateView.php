<?php

declare(strict_types=1);

namespace App\Http\Practice;

/** A state of the caution table. */
final readonly class StateView
{
    /** @param bool $clearable a clearance opens part of it */
    public function __construct(
        public string $value,
        public string $label,
        public bool $sided,
        public string $caution,
        public bool $clearable,
    ) {}
}
