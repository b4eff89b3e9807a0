<?php

declare(strict_types=1);

namespace App\Http\Week;

/** A session of another week that the person asked from home to put off. */
final readonly class AskedElsewhereView
{
    /** @param string $monday of that week */
    public function __construct(public string $note, public string $monday, public string $sentence) {}
}
