<?php

declare(strict_types=1);

namespace App\Records;

/** One set as it was done; null means not asked or not told. */
final readonly class LoggedSet
{
    /**
     * @param array<string, bool> $form answers by form question
     * @param string|null         $rung what was coached, by the cue sheet; as the session says when null
     */
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
        public ?string $rung = null,
        public ?string $dose = null,
    ) {}
}
