<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** A place of the body that something carries. */
final readonly class Support
{
    /**
     * @param string $surface `floor`, or the name of a piece of kit
     * @param bool   $slides  travels over it: a wheel, a slider, a foot that is drawn in
     */
    public function __construct(public Spot $spot, public string $surface, public bool $slides) {}
}
