<?php

declare(strict_types=1);

namespace App\Actions;

/** A ladder that cannot be kept, with everything that stands against it. */
final class LadderRefused extends \RuntimeException
{
    /** @param non-empty-list<string> $sentences */
    private function __construct(public readonly array $sentences, public readonly bool $changedMeanwhile = false)
    {
        parent::__construct($sentences[0]);
    }

    /** @param non-empty-list<string> $sentences */
    public static function because(array $sentences): self
    {
        return new self($sentences);
    }

    public static function changedMeanwhile(): self
    {
        return new self(['This ladder was changed somewhere else in the meantime. Nothing was overwritten: open it again.'], true);
    }
}
