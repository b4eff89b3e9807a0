<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Reason\Words;

/** One small trial of a rung: the questions of the form check answered with no, and pain of 10. */
final readonly class ClimbTrial
{
    /** Up to here pain leaves a trial clean. */
    public const CLEAN_PAIN = 0;

    /** @param list<FormQuestion> $faults */
    public function __construct(public Rung $rung, public array $faults, public int $pain) {}

    public function isClean(): bool
    {
        return $this->faults === [] && $this->pain <= self::CLEAN_PAIN;
    }

    /** What went wrong, in words. */
    public function trouble(): string
    {
        return $this->pain > 0
            ? "pain {$this->pain} of 10"
            : 'no tick at '.Words::all(array_map(static fn(FormQuestion $question): string => '“'.lcfirst($question->question()).'”', $this->faults));
    }
}
