<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** An easier version of an exercise of a session, ready to take the rest of its sets. */
final readonly class EasierVersion
{
    /** @param string $words what makes it easier */
    public function __construct(public Item $item, public string $words) {}
}
