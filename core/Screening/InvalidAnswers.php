<?php

declare(strict_types=1);

namespace EvenRungs\Screening;

use EvenRungs\Reason\Refusal;

/** Answers to the danger signs that open nothing and close nothing. */
final class InvalidAnswers extends Refusal
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }

    public function kind(): string
    {
        return 'danger-signs';
    }
}
