<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

use EvenRungs\Reason\Refusal;

final class InvalidDose extends Refusal
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }

    public function kind(): string
    {
        return 'dose';
    }
}
