<?php

declare(strict_types=1);

namespace App\Http\Library;

use EvenRungs\Figure\Figure;
use EvenRungs\Ladder\Rung;

/** The figure of one rung. */
final readonly class RungFigureView
{
    public function __construct(public string $rung, public Figure $figure) {}

    public static function of(Rung $rung): self
    {
        return new self($rung->slug, $rung->figure());
    }
}
