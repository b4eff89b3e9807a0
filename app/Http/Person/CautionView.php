<?php

declare(strict_types=1);

namespace App\Http\Person;

/** A limit that holds for the person: what it asks, what it does, and where it comes from. */
final readonly class CautionView
{
    /** @param list<string> $effects */
    public function __construct(
        public string $name,
        public string $origin,
        public string $caution,
        public array $effects,
    ) {}
}
