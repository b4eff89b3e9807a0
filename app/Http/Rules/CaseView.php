<?php

declare(strict_types=1);

namespace App\Http\Rules;

/** A case that shows what a rule makes of a log. */
final readonly class CaseView
{
    /**
     * @param string       $given   rung, method, person
     * @param list<string> $log     session by session
     * @param string       $outcome what the rules make of it
     */
    public function __construct(
        public string $name,
        public string $given,
        public array $log,
        public string $outcome,
    ) {}
}
