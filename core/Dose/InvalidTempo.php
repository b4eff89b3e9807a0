<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

use EvenRungs\Reason\Refusal;

final class InvalidTempo extends Refusal
{
    public static function notFourParts(string $text): self
    {
        return new self("A tempo has four parts, lowering – pause – lifting – pause, such as 3-1-3-1; “{$text}” has not.");
    }

    public static function part(string $name, string $text): self
    {
        return new self("The {$name} of the tempo is “{$text}”: write whole seconds from 0 to 60, or X for as fast as controlled.");
    }

    public static function allZero(): self
    {
        return new self('A tempo of only zeros takes no time: give at least one part a second, or X.');
    }

    public function kind(): string
    {
        return 'tempo';
    }
}
