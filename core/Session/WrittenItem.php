<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Dose\DoseLine;
use EvenRungs\Method\Counting;

/** An exercise as it is written in a session: entry id, rung, typed dose. */
final readonly class WrittenItem
{
    /**
     * @param string|null $stood slug of the rung a session took of its ladder when it was written; null where that is not known
     * @param int         $at    order in time of when it was written
     */
    public function __construct(public string $id, public string $rung, public string $dose, public ?string $stood = null, public int $at = 0) {}

    public function written(?string $stood, int $at): self
    {
        return new self($this->id, $this->rung, $this->dose, $stood, $at);
    }

    public static function of(Item $item, Counting $counting = Counting::EachSide): self
    {
        return new self($item->id, $item->rung->slug, DoseLine::print($item->dose, $counting));
    }
}
