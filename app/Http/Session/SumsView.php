<?php

declare(strict_types=1);

namespace App\Http\Session;

/** How every figure of a session adds up, and the session as lines of text. Asked for when a figure is opened. */
final readonly class SumsView
{
    /**
     * @param list<SumView> $sums
     * @param string        $text without the title; empty where nothing can be read
     */
    public function __construct(
        public array $sums,
        public string $text,
    ) {}
}
