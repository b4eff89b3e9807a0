<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Reason\Refusal;

final class UnknownRung extends Refusal
{
    public static function named(string $slug): self
    {
        return new self('The library has no rung “'.mb_substr($slug, 0, 80).'”.');
    }

    public static function ladder(string $slug): self
    {
        return new self('The library has no ladder “'.mb_substr($slug, 0, 80).'”.');
    }

    public function kind(): string
    {
        return 'unknown-rung';
    }
}
