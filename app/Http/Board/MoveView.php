<?php

declare(strict_types=1);

namespace App\Http\Board;

use EvenRungs\Body\Side;
use EvenRungs\Progress\Decision;

/** A move of a person on a ladder: who, when, why, and the whole board after it. */
final readonly class MoveView
{
    /**
     * @param list<StoodView>              $stands  all ladders after the move; none when it was taken back
     * @param array<string, int>|\stdClass $heights of the demands after the move, in tenths
     */
    public function __construct(
        public string $placement,
        public string $on,
        public string $by,
        public string $ladder,
        public Side $side,
        public string $sentence,
        public string $reason,
        public ?Decision $decision,
        public bool $takenBack,
        public ?string $spreadText,
        public array $stands,
        public array|\stdClass $heights,
    ) {}
}
