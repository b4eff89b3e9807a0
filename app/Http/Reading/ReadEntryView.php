<?php

declare(strict_types=1);

namespace App\Http\Reading;

/** One entry of what a reader is shown. */
final readonly class ReadEntryView
{
    /**
     * @param string       $what   it is about
     * @param list<string> $lines
     * @param string|null  $on     date
     * @param bool         $isStop it keeps training closed
     */
    public function __construct(public string $what, public array $lines, public ?string $on = null, public bool $isStop = false) {}
}
