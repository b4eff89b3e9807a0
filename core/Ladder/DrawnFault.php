<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Figure\Figure;

/** A fault as a picture, to stand beside the right one. */
final readonly class DrawnFault
{
    /** @param string $kind in words */
    public function __construct(public string $kind, public string $seen, public string $fix, public Figure $figure) {}
}
