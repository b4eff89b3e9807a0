<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Reason\Refusal;

final class InvalidLadder extends Refusal
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }

    public function kind(): string
    {
        return 'ladder';
    }
}
