<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Dose\DoseLine;

/** One way an exercise of a session can be done: as written, or in an easier version. */
final readonly class CueWay
{
    /** What tells it from the other ways of the exercise: its rung and dose. */
    public string $key;

    /**
     * @param string|null     $easier what makes it easier; null as written
     * @param list<list<Cue>> $sets   each planned set, then each optional one
     */
    private function __construct(public Item $item, public ?string $easier, public array $sets)
    {
        $this->key = "{$item->rung->slug} ".DoseLine::print($item->dose);
    }

    public static function of(Item $item, ?string $easier = null): self
    {
        return new self($item, $easier, array_map(static fn(int $set): array => Cue::ofSet($item, $set), range(1, $item->dose->allSets() + $item->dose->optionalSets)));
    }
}
