<?php

declare(strict_types=1);

namespace App\Http\Home;

/** How far apart the heights stand, week by week. */
final readonly class HomeEvennessView
{
    /** @param list<int> $weeks spread in tenths of a rung’s height, the oldest week first, this one last */
    public function __construct(public string $sentence, public array $weeks) {}
}
