<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/**
 * What the player plays, in pieces: each set of each exercise in each way it can be done, what is rested after it, and how
 * long it takes from one exercise to another. The player strings the pieces together, in the order written or in another
 * one, and computes nothing.
 */
final readonly class CueSheet
{
    /**
     * @param list<CueBlock>  $blocks
     * @param list<CueStep>   $steps       the order written
     * @param list<CueWay>    $ways        of every exercise, as written first
     * @param list<list<int>> $changeOvers seconds from each way to each other one, in the order of the ways
     */
    private function __construct(public array $blocks, public array $steps, public array $ways, public array $changeOvers) {}

    /** @param array<string, list<EasierVersion>> $easier by id of the exercise */
    public static function of(Session $session, array $easier = []): self
    {
        $ways = [];
        foreach ($session->items() as $item) {
            $ways[] = CueWay::of($item);
            foreach ($easier[$item->id] ?? [] as $version) {
                $ways[] = CueWay::of($version->item, $version->words);
            }
        }

        return new self(
            array_map(CueBlock::of(...), $session->blocks),
            array_merge(...array_map(self::steps(...), $session->blocks)),
            $ways,
            array_map(static fn(CueWay $from): array => array_map(static fn(CueWay $to): int => ChangeOver::between($from->item, $to->item)->seconds, $ways), $ways),
        );
    }

    /** @return list<CueStep> the sets of a block, in a circuit round after round */
    private static function steps(Block $block): array
    {
        $steps = [];
        $rounds = max(array_map(static fn(Item $item): int => $item->dose->allSets(), $block->items()));
        for ($round = 1; $round <= $rounds; $round++) {
            foreach ($block->items() as $item) {
                if ($round <= $item->dose->allSets()) {
                    $steps[] = new CueStep($item->id, $round);
                }
            }
        }

        return $steps;
    }
}
