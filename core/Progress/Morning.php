<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

/** The answer to how it was the next morning. */
final readonly class Morning
{
    public function __construct(public int $pain, public bool $worse) {}

    /** It stops the ladder, and reopens what was decided before it was told. */
    public function isBad(): bool
    {
        return $this->worse || Pain::stops($this->pain);
    }
}
