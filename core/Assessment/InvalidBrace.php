<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Reason\Refusal;

final class InvalidBrace extends Refusal
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }

    public function kind(): string
    {
        return 'brace';
    }
}
