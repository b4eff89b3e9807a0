<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** A session of which the person picks so many exercises; a circuit is one choice. */
final readonly class Picking
{
    /** Of more choices than this only the shortest and the longest are tried. */
    private const MOST = 8;

    private const NUMBERS = [1 => 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];

    private function __construct(public int $picks, public int $of) {}

    /** Null where everything is done: fewer are to be picked than there are. */
    public static function of(?int $picks, Session $session): ?self
    {
        $of = count($session->blocks);

        return $picks === null || $picks < 1 || $picks >= $of ? null : new self($picks, $of);
    }

    /** "Any three of these five." */
    public function inWords(): string
    {
        return 'Any '.(self::NUMBERS[$this->picks] ?? $this->picks).' of these '.(self::NUMBERS[$this->of] ?? $this->of).'.';
    }

    /**
     * How likely a choice has one of some exercises at least, all choices being alike, in tenths of a per cent.
     *
     * @param int $exercises of those there are
     */
    public function chancePerMille(int $exercises): int
    {
        // Without any of them: so many of the others.
        $without = 1000;
        for ($at = 0; $at < $this->picks; $at++) {
            $without = $without * max(0, $this->of - $exercises - $at) / ($this->of - $at);
        }

        return 1000 - (int) round($without);
    }

    /** @return array{int, int} seconds of the shortest choice and of the longest */
    public function seconds(Session $session): array
    {
        $ends = null;
        foreach ($this->of > self::MOST ? $this->ends($session->blocks) : self::choices($session->blocks, $this->picks) as $blocks) {
            $total = (new Session($blocks))->timeline()->totals()->total();
            $ends = $ends === null ? [$total, $total] : [min($ends[0], $total), max($ends[1], $total)];
        }

        return $ends ?? [0, 0];
    }

    /**
     * @param list<Block> $blocks
     *
     * @return list<list<Block>> the shortest and the longest, in the order of the session
     */
    private function ends(array $blocks): array
    {
        $seconds = array_map(static fn(Block $block): int => (new Session([$block]))->timeline()->totals()->total(), $blocks);
        asort($seconds);
        $some = static fn(array $places): array => array_values(array_filter($blocks, static fn(int $at): bool => in_array($at, $places, true), ARRAY_FILTER_USE_KEY));

        return [$some(array_slice(array_keys($seconds), 0, $this->picks)), $some(array_slice(array_keys($seconds), -$this->picks))];
    }

    /**
     * @param list<Block> $blocks
     *
     * @return list<list<Block>>
     */
    private static function choices(array $blocks, int $picks): array
    {
        if ($picks === 0) {
            return [[]];
        }
        $choices = [];
        foreach ($blocks as $at => $block) {
            foreach (self::choices(array_slice($blocks, $at + 1), $picks - 1) as $others) {
                $choices[] = [$block, ...$others];
            }
        }

        return $choices;
    }
}
