<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\InvalidDose;
use EvenRungs\Ladder\Library;
use EvenRungs\Method\Counting;
use EvenRungs\Reason\Refusal;

/** A written session, read into the terms of the core. What cannot be read keeps its text and its sentence. */
final readonly class ReadSession
{
    /**
     * @param list<WrittenBlock>      $blocks
     * @param list<list<ReadItem>> $items   by block
     * @param list<int>            $numbers of the written block behind each block of the session
     * @param Session|null         $session of all that could be read; null when nothing could
     */
    private function __construct(public array $blocks, public array $items, public array $numbers, public ?Session $session) {}

    /**
     * @param list<WrittenBlock>         $blocks
     * @param callable(string): Side  $firstSide by ladder
     *
     * @throws InvalidSession|InvalidDose      when gaps or rests are out of bounds
     * @throws \EvenRungs\Ladder\UnknownRung
     */
    public static function of(array $blocks, Library $library, callable $firstSide, Counting $counting = Counting::EachSide): self
    {
        $read = $numbers = $core = $doses = [];
        foreach ($blocks as $number => $block) {
            $here = [];
            foreach ($block->items as $text) {
                $rung = $library->rung($text->rung);
                try {
                    // Stations by the clock share their line: it is read once.
                    $dose = $doses[$rung->sidedness->value][$text->dose] ??= DoseLine::parse($text->dose, $rung->sidedness, $counting);
                    $here[] = new ReadItem($text, $rung, new Item($text->id, $rung, $rung->ranged($dose, $text->rung), $firstSide($rung->ladder)), null);
                } catch (Refusal $problem) {
                    $here[] = new ReadItem($text, $rung, null, $problem);
                }
            }
            $read[] = $here;
            $kept = array_filter(array_map(static fn(ReadItem $item): ?Item => $item->item, $here));
            $items = array_values($kept);
            if ($block->isCircuit && count($items) >= 2) {
                $gaps = count($items) === count($here) ? $block->gapSeconds : Circuit::gapsOf($block->gapSeconds, array_keys($kept));
                $core[] = new Circuit($items, $gaps, $block->roundRestSeconds, $block->part);
                $numbers[] = $number;
            } else {
                foreach ($items as $item) {
                    $core[] = new StraightSets($item, $block->part);
                    $numbers[] = $number;
                }
            }
        }

        return new self($blocks, $read, $numbers, $core === [] ? null : new Session($core));
    }

    public function isComplete(): bool
    {
        foreach ($this->items as $items) {
            foreach ($items as $item) {
                if ($item->problem !== null) {
                    return false;
                }
            }
        }

        return $this->session !== null;
    }

    /**
     * The blocks with every dose in its one written form.
     *
     * @return list<WrittenBlock>
     */
    public function written(): array
    {
        return $this->writtenAs(Counting::EachSide);
    }

    /** @return list<WrittenBlock> the same, repetitions counted in this way */
    public function writtenAs(Counting $counting): array
    {
        return array_map(
            static fn(WrittenBlock $block, array $items): WrittenBlock => $block->withItems(array_map(static fn(ReadItem $item): WrittenItem => $item->item === null ? $item->text : WrittenItem::of($item->item, $counting), $items)),
            $this->blocks,
            $this->items,
        );
    }
}
