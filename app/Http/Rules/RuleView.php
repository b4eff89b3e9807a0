<?php

declare(strict_types=1);

namespace App\Http\Rules;

use EvenRungs\Reason\Basis;

/** A rule of the trade, and what it rests on. */
final readonly class RuleView
{
    /**
     * @param string         $room  the part of the job it belongs to
     * @param list<CaseView> $cases that show it
     */
    public function __construct(
        public string $id,
        public string $room,
        public string $sentence,
        public Basis $basis,
        public string $source,
        public array $cases,
    ) {}
}
