<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Reason\Refusal;

final class InvalidHold extends Refusal
{
    public static function nothing(): self
    {
        return new self('A hold of 0 s is no hold: leave it out, or test an easier version.');
    }

    public static function tooLong(HoldKind $kind, int $seconds): self
    {
        return new self("“{$kind->label()}” is stopped at {$kind->stopAtSeconds()} s; {$seconds} s cannot be right.");
    }

    public static function side(HoldKind $kind): self
    {
        return new self($kind->isSided() ? "“{$kind->label()}” is tested left and right, one after the other." : "“{$kind->label()}” has no left and right.");
    }

    public function kind(): string
    {
        return 'hold';
    }
}
