<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Reason\Reason;

/** Things in a week that stand in each other's way, or something the week lacks. */
final readonly class Clash
{
    /**
     * @param list<string> $slots ids of the core sessions concerned, in order of time
     * @param list<Cell>   $other where the other training stands that is concerned
     */
    public function __construct(public Reason $reason, public array $slots = [], public array $other = [], public string $about = '') {}

    /** The same clash has the same key in a week that was changed. */
    public function key(): string
    {
        return implode(' ', [$this->reason->rule->value, $this->about, ...$this->slots, ...array_map(static fn(Cell $cell): string => (string) $cell->index(), $this->other)]);
    }
}
