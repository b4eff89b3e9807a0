<?php

declare(strict_types=1);

namespace App\Http\Person;

/** A place the person trains at, and the kit there. */
final readonly class PlaceView
{
    /**
     * @param list<string> $kit
     * @param string       $weights weights that are there, in kilograms, such as “4, 8, 12.5”; empty when nobody has said
     */
    public function __construct(
        public string $name,
        public array $kit,
        public string $weights,
    ) {}
}
