<?php

declare(strict_types=1);

namespace App\Library;

/** A case of the book in words. */
final readonly class WrittenCase
{
    /**
     * @param string       $source  where the expected values stand; empty for the rule itself
     * @param list<string> $rules   it speaks of
     * @param string       $given   rung, method, person
     * @param list<string> $log     session by session
     * @param string       $outcome what the rules make of it
     */
    public function __construct(public string $name, public string $source, public array $rules, public string $given, public array $log, public string $outcome) {}
}
