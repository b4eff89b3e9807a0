<?php

declare(strict_types=1);

namespace EvenRungs\Broken;

use Illuminate\Support\Str;

/** Broken on purpose: LayersTest proves that the rule about the core notices it. */
final class ReachesOutward
{
    public function title(string $text): string
    {
        return Str::title($text);
    }
}
