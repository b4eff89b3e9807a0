<?php

declare(strict_types=1);

namespace App\Http\Library;

/** The figures of a ladder: asked for when they are looked at. */
final readonly class LadderFiguresView
{
    /** @param list<RungFigureView> $figures */
    public function __construct(public array $figures) {}
}
