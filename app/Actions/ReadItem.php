<?php

declare(strict_types=1);

namespace App\Actions;

use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Refusal;
use EvenRungs\Session\Item;
use EvenRungs\Session\WrittenItem;

/** A written exercise after reading: the item of the core, or why its dose cannot be read. */
final readonly class ReadItem
{
    public function __construct(public WrittenItem $text, public Rung $rung, public ?Item $item, public ?Refusal $problem) {}
}
