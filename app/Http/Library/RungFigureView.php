<?php

declare(strict_types=1);

namespace App\Http\Library;

use EvenRungs\Figure\Figure;
use EvenRungs\Ladder\DrawnFault;
use EvenRungs\Ladder\Rung;

/** The figure of one rung, and its faults. */
final readonly class RungFigureView
{
    /** @param list<DrawnFault> $faults one of each kind that can be drawn */
    public function __construct(public string $rung, public Figure $figure, public array $faults) {}

    public static function of(Rung $rung): self
    {
        return new self($rung->slug, $rung->figure(), $rung->drawnFaults());
    }
}
