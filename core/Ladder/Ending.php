<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Limit;
use EvenRungs\Body\Loads;

/** How an exercise is left, or what eases the body after it: that loads something, too. */
final readonly class Ending
{
    public function __construct(public string $words, public Loads $loads) {}

    /**
     * @param list<Limit> $limits  of the person
     * @param string      $instead what is said where one of them speaks against it
     */
    public function within(array $limits, string $instead): string
    {
        return array_filter($limits, fn(Limit $limit): bool => $limit->overloadedBy($this->loads) !== null) === [] ? $this->words : $instead;
    }
}
