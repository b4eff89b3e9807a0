<?php

declare(strict_types=1);

namespace EvenRungs\Reason;

/** One thing a rule looked at, in words: "effort" – "6 of 10". */
final readonly class Input
{
    public function __construct(public string $name, public string $value) {}
}
