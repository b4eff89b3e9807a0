<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Height;

/** What is known of a rung without reading it: as much as ranking substitutes takes. */
final readonly class Sketch
{
    public function __construct(public string $slug, public string $ladder, public Height $height, public bool $dynamic, public int $kit) {}

    public static function of(Rung $rung): self
    {
        return new self($rung->slug, $rung->ladder, $rung->height, $rung->dynamic, count($rung->kit));
    }
}
