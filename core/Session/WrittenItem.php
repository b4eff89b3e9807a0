<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Dose\DoseLine;
use EvenRungs\Method\Counting;

/** An exercise as it is written in a session: entry id, rung, typed dose. */
final readonly class WrittenItem
{
    public function __construct(public string $id, public string $rung, public string $dose) {}

    public static function of(Item $item, Counting $counting = Counting::EachSide): self
    {
        return new self($item->id, $item->rung->slug, DoseLine::print($item->dose, $counting));
    }
}
