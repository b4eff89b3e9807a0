<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

use EvenRungs\Reason\Refusal;

/** A typed line that cannot be read, with the place where reading stopped. */
final class InvalidDoseLine extends Refusal
{
    /** @param int $position characters from the start of the line */
    public static function at(int $position, string $sentence): self
    {
        $exception = new self($sentence);
        $exception->position = $position;

        return $exception;
    }

    public int $position = 0;

    public function kind(): string
    {
        return 'dose-line';
    }
}
