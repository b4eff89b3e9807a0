<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * What a figure is drawn of: the tight skin round some balls. A limb is one round two balls, a bench one round its corners.
 *
 * @phpstan-import-type Vec from Vector
 */
final readonly class Hull
{
    /**
     * @param 'kit'|'weight'|'rail' $tone
     * @param list<Vec>             $points parts of stature
     * @param list<float>           $radii  parts of stature
     */
    public function __construct(public string $tone, public array $points, public array $radii) {}
}
