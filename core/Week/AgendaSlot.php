<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Calendar\Day;

/** A session as it is planned: of every week, or of one. */
final readonly class AgendaSlot
{
    /**
     * @param list<string>        $lines what is done in it
     * @param Day                 $since placed on this day: it does not happen before
     * @param Day|null            $only  Monday of the one week it is for
     * @param array<string, Cell|null> $moves where it is in single weeks, by their Monday; null: left out
     */
    public function __construct(public string $id, public string $title, public array $lines, public Cell $cell, public int $minutes, public Day $since, public ?Day $only = null, public array $moves = []) {}

    /** @param array<string, Cell|null> $moves */
    public function movedIn(array $moves): self
    {
        return new self($this->id, $this->title, $this->lines, $this->cell, $this->minutes, $this->since, $this->only, $moves);
    }
}
