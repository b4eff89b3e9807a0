<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Refusal;

/** A written exercise after reading: the item of the core, or why its dose cannot be read. */
final readonly class ReadItem
{
    public function __construct(public WrittenItem $text, public Rung $rung, public ?Item $item, public ?Refusal $problem) {}
}
