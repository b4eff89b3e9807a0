<?php

declare(strict_types=1);

namespace App\Actions;

/** One set as it was done; null means not asked or not told. */
final readonly class LoggedSet
{
    /** @param array<string, bool> $form answers by form question */
    public function __construct(
        public string $item,
        public int $set,
        public ?int $both,
        public ?int $left,
        public ?int $right,
        public array $form,
        public ?int $pain,
        public ?int $effort,
        public bool $travellingPain,
        public bool $feltWrong,
        public string $painNote,
    ) {}
}
