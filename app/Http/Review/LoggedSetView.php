<?php

declare(strict_types=1);

namespace App\Http\Review;

/** A set as it was told, and as it was told before it was corrected. */
final readonly class LoggedSetView
{
    /**
     * @param string       $unit such as s; empty for repetitions
     * @param list<string> $was  what was told before, and on which day it was corrected
     */
    public function __construct(
        public string $item,
        public int $set,
        public string $name,
        public string $unit,
        public ?int $both,
        public ?int $left,
        public ?int $right,
        public ?int $pain,
        public ?int $effort,
        public array $was,
    ) {}
}
