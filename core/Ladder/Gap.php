<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Level;

/** A limit that leaves no rung of a demand at some levels, said and reasoned by the library itself. */
final readonly class Gap
{
    /**
     * @param string      $limit  state of the caution table
     * @param list<Level> $levels
     */
    public function __construct(public string $limit, public array $levels, public string $why) {}
}
