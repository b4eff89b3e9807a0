<?php

declare(strict_types=1);

namespace EvenRungs\Squad;

use EvenRungs\Body\Side;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
use EvenRungs\Session\Cue;
use EvenRungs\Session\Item;
use EvenRungs\Session\SetClock;
use EvenRungs\Session\TimeKind;

/** What one of a squad does at a station. */
final readonly class SquadPlace
{
    /**
     * @param Item|null    $written null where nothing open fits: they rest there
     * @param Item|null    $item    what of it they do: of a side that a limit rests, nothing
     * @param list<Reason> $notes   what stands in for what, what is shorter, and why
     */
    public function __construct(public int $station, public ?Item $written, public ?Item $item, public array $notes) {}

    public function rung(): ?Rung
    {
        return $this->item?->rung;
    }

    /** Seconds of the station's work in which they work, a change of sides among them. */
    public function work(): int
    {
        return $this->item === null ? 0 : SetClock::seconds($this->item);
    }

    /** Seconds that are written for them: with both sides. */
    public function written(): int
    {
        return $this->written === null ? 0 : SetClock::seconds($this->written);
    }

    /** @return list<Cue> how one time at the station goes: a side after the other, where they take turns */
    public function pieces(): array
    {
        return $this->item === null ? [] : Cue::ofSet($this->item, 1);
    }

    /** As “45 s: 20 s each side, right first”, “20 s, right side alone” or “25 s: 2 × 10 s”. */
    public function inWords(): string
    {
        $works = array_values(array_filter($this->pieces(), static fn(Cue $cue): bool => $cue->stretch === TimeKind::Work));
        if ($works === []) {
            return 'rests here';
        }
        $first = $works[0]->side;
        $ofFirst = count(array_filter($works, static fn(Cue $cue): bool => $cue->side === $first));
        $each = $ofFirst === 1 ? "{$works[0]->seconds} s" : "{$ofFirst} × {$works[0]->seconds} s";
        $all = "{$this->work()} s";

        return match (true) {
            $ofFirst < count($works) => "{$all}: {$each} each side, {$first->value} first",
            $ofFirst > 1 => "{$all}: {$each}".($first === Side::Both ? '' : ", {$first->value} side alone"),
            default => $all.($first === Side::Both ? '' : ", {$first->value} side alone"),
        };
    }
}
