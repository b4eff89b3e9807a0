<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Reason\Refusal;

final class InvalidMarks extends Refusal
{
    public static function together(string $one, string $other): self
    {
        return new self("The marks of {$one} and {$other} lie on the same spot.");
    }

    public static function order(string $one, string $other): self
    {
        return new self("The marks are out of order: {$other} comes after {$one} on the way from the ankle to the ear. Are two of them swapped?");
    }

    public static function swapped(): self
    {
        return new self('Seen from behind, the left hip is on the left of the picture: are the two marks swapped?');
    }

    public static function scale(): self
    {
        return new self('The known length needs two marks that are apart, and from 5 to 300 cm.');
    }

    public function kind(): string
    {
        return 'marks';
    }
}
