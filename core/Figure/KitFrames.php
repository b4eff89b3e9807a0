<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** One piece of what kit is drawn of: the skin round some balls, in each frame. Thousandths of stature. */
final readonly class KitFrames
{
    /**
     * @param 'kit'|'weight'|'rail'     $tone
     * @param list<int>                 $radii
     * @param non-empty-list<list<int>> $frames a single one where it does not move
     */
    public function __construct(public string $tone, public array $radii, public array $frames) {}
}
