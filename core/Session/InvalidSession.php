<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Reason\Refusal;

final class InvalidSession extends Refusal
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }

    public function kind(): string
    {
        return 'session';
    }
}
