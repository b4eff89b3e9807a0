<?php

declare(strict_types=1);

namespace EvenRungs\Home;

/** A word of the trade that stands on a sheet, in plain words: for who reads it alone. */
final readonly class Term
{
    private const PLAIN = [
        'set' => 'One go at an exercise, without a rest in it.',
        'repetition' => 'The movement once, there and back.',
        'hold' => 'Staying still in the position for the seconds that are written.',
        '10 each side' => 'Ten with one side, then ten with the other.',
        'rest' => 'The pause between two sets. Longer is no fault.',
        'tempo' => 'How many seconds the way out, the pause and the way back take.',
        'circuit' => 'One exercise after the other, then round again.',
        'effort' => 'How hard it was, from 0 for nothing to 10 for as hard as you can.',
        'pain' => 'How much it hurts, from 0 for nothing to 10 for the worst there is. Trembling and tired muscles are no pain.',
        'clean' => 'The form held to the end: breath, ribs, back and shoulders as the cues say.',
        'easier version' => 'The same exercise with less to hold. Taking it is no step back.',
        'rung' => 'One version of an exercise: a ladder has easier ones below and harder ones above.',
    ];

    private function __construct(public string $word, public string $means) {}

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(static fn(string $word, string $means): self => new self($word, $means), array_keys(self::PLAIN), self::PLAIN);
    }
}
