<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Models\RungMark;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;
use EvenRungs\Progress\LeavingMark;

/** The leaving mark of a rung for a person. */
final readonly class MarkView
{
    /**
     * @param string      $words     such as “3 sets of 4 × 10 s”
     * @param int         $target    of a set
     * @param string      $unit      what follows the number; empty for repetitions
     * @param string|null $reason    of a mark the trainer wrote; null where it is the table's
     * @param string|null $writtenOn date
     */
    private function __construct(
        public string $words,
        public int $target,
        public string $unit,
        public ?string $reason,
        public ?string $writtenOn,
    ) {}

    public static function of(Rung $rung, Method $method, ?RungMark $written): self
    {
        $mark = LeavingMark::of($rung, $method);
        $holds = $written?->target === null ? null : $written;

        return new self($mark->inWords(), $mark->target, trim($mark->unit->suffix()), $holds?->reason, $holds?->written_on);
    }
}
