<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Reason\Refusal;

/** What was asked for contradicts itself, or cannot begin. */
final class InvalidProgram extends Refusal
{
    public static function because(string ...$sentences): self
    {
        return new self(implode(' ', $sentences));
    }

    public function kind(): string
    {
        return 'program';
    }
}
