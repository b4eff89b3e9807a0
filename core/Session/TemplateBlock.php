<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Dose\Dose;
use EvenRungs\Dose\StationClock;
use EvenRungs\Dose\Timed;

/** Places of a template that are done as one block. */
final readonly class TemplateBlock
{
    /**
     * @param list<TemplateSlot> $slots
     * @param bool               $byLevel    a circuit by the clock in which each station works and rests as the level of its exercise has it
     * @param int|null           $rounds     of a circuit; null for straight sets
     * @param int|null           $work       seconds at each station, on one clock for everybody; null where the stations have doses of their own
     */
    public function __construct(public Part $part, public array $slots, public bool $byLevel, public ?int $rounds, public ?int $work, public int $gapSeconds, public int $roundRestSeconds) {}

    /**
     * @param array<array-key, mixed> $data an entry of the templates file
     *
     * @throws \InvalidArgumentException|\ValueError
     */
    public static function read(array $data): self
    {
        $known = ['part', 'slots', 'by_level', 'rounds', 'work', 'gap', 'round_rest'];
        $unknown = array_diff(array_map(strval(...), array_keys($data)), $known);
        if ($unknown !== []) {
            throw new \InvalidArgumentException('A block of a template has no “'.implode('”, “', $unknown).'”.');
        }
        $slots = array_map(static fn(mixed $slot): TemplateSlot => TemplateSlot::read(is_array($slot) ? $slot : []), is_array($data['slots'] ?? null) ? $data['slots'] : []);
        $whole = static fn(string $key): ?int => is_int($data[$key] ?? null) ? $data[$key] : null;

        return new self(Part::from(is_string($data['part'] ?? null) ? $data['part'] : 'main'), array_values($slots), ($data['by_level'] ?? false) === true, $whole('rounds'), $whole('work'), $whole('gap') ?? 20, $whole('round_rest') ?? 45);
    }

    public function isCircuit(): bool
    {
        return $this->byLevel || $this->rounds !== null;
    }

    /**
     * The dose of a station: nobody works longer than their own clock there has it, and on one clock for everybody what is left
     * of the work is rested.
     *
     * @return array{Dose, int}|null the dose and the rest after it; null where the station has a dose of its own
     */
    public function station(StationClock $clock): ?array
    {
        if ($this->byLevel) {
            return [$clock->dose(), $clock->rest];
        }
        if ($this->rounds === null || $this->work === null) {
            return null;
        }
        $work = min($this->work, $clock->work);

        return [Dose::of($this->rounds, Timed::of($work)), $this->gapSeconds + $this->work - $work];
    }
}
