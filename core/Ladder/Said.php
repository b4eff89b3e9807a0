<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

/** A cue: a sentence, and the topic it is about where it has one. */
final readonly class Said
{
    public function __construct(public string $words, public ?Topic $topic = null) {}
}
