<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

/** A brace check that was taken, with a cuff or timed by hand. */
final readonly class Braced
{
    /** @param int $sequence order in time, on the same scale as placings */
    public function __construct(public BraceCheck $check, public int $sequence) {}
}
