<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Open;

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

    /** @return list<int> what each set asks for, per side where sides count apart; an open one its cap */
    public function targets(): array
    {
        return array_map(function (int $set): int {
            $body = $this->item->dose->body($this->isOptional($set) ? $this->item->dose->sets() : $set);

            return $body instanceof Open ? $body->cap ?? $body->estimate : $body->target();
        }, range(1, count($this->sets)));
    }

    /** @return list<'both'|'each'|'left'|'right'> what is told of each set: both at once, each side, or the one that works */
    public function sides(): array
    {
        return array_map(fn(int $set): string => match ($this->isOptional($set) ? $this->item->dose->only : $this->item->dose->sideOf($set)) {
            Side::Left => 'left',
            Side::Right => 'right',
            default => $this->item->dose->perSide ? 'each' : 'both',
        }, range(1, count($this->sets)));
    }

    private function isOptional(int $set): bool
    {
        return $set > $this->item->dose->allSets();
    }
}
