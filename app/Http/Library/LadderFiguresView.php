<?php

declare(strict_types=1);

namespace App\Http\Library;

/** The figures of a ladder, and how hard each rung is: asked for when they are looked at. */
final readonly class LadderFiguresView
{
    /** @param list<RungFigureView> $figures */
    public function __construct(public array $figures) {}
}
