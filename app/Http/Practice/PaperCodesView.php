<?php

declare(strict_types=1);

namespace App\Http\Practice;

/** Codes for a lost device, each for once; shown this once. */
final readonly class PaperCodesView
{
    /** @param list<string> $codes */
    public function __construct(public array $codes) {}
}
