<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Dose\Dose;
use EvenRungs\Ladder\Rung;

/** One change to a session, by the ids of its exercises. */
final readonly class Edit
{
    /**
     * @param list<string> $items   the exercise meant; for an order all of them, in their new order
     * @param bool         $byTable the dose is the table's: where the one that is due is known, it takes its place
     */
    private function __construct(public EditKind $kind, public array $items, public ?Rung $rung = null, public ?Dose $dose = null, public ?int $seconds = null, public ?Part $part = null, public bool $byTable = false) {}

    public static function swap(string $item, Rung $rung, Dose $dose, bool $byTable = false): self
    {
        return new self(EditKind::Swap, [$item], $rung, $dose, byTable: $byTable);
    }

    public static function dose(string $item, Dose $dose): self
    {
        return new self(EditKind::Dose, [$item], dose: $dose);
    }

    public static function gapAfter(string $item, int $seconds): self
    {
        return new self(EditKind::Gap, [$item], seconds: $seconds);
    }

    /** @param list<string> $items */
    public static function order(array $items): self
    {
        return new self(EditKind::Order, $items);
    }

    public static function remove(string $item): self
    {
        return new self(EditKind::Remove, [$item]);
    }

    public static function add(Rung $rung, Dose $dose, Part $part = Part::Main, bool $byTable = false): self
    {
        return new self(EditKind::Add, [], $rung, $dose, part: $part, byTable: $byTable);
    }

    /**
     * The session after the change; null when nothing is left of it.
     *
     * @param string $id of an exercise that is added
     *
     * @throws InvalidSession
     */
    public function appliedTo(Session $session, string $id = 'added'): ?Session
    {
        if ($this->kind === EditKind::Add && $this->rung !== null && $this->dose !== null) {
            $blocks = [...$session->blocks, new StraightSets(new Item($id, $this->rung, $this->dose), $this->part ?? Part::Main)];
            usort($blocks, static fn(Block $a, Block $b): int => $a->part()->place() <=> $b->part()->place());

            return new Session($blocks);
        }
        if ($this->kind === EditKind::Order) {
            return $this->ordered($session);
        }
        $blocks = [];
        foreach ($session->blocks as $block) {
            $block = $this->inBlock($block);
            if ($block !== null) {
                $blocks[] = $block;
            }
        }

        return $blocks === [] ? null : new Session($blocks);
    }

    private function inBlock(Block $block): ?Block
    {
        $ids = array_map(static fn(Item $item): string => $item->id, $block->items());
        $at = array_search($this->items[0], $ids, true);
        if ($at === false) {
            return $block;
        }
        if ($this->kind === EditKind::Gap && $block instanceof Circuit) {
            return new Circuit($block->stations, array_values(array_replace($block->gapSeconds, [$at => $this->seconds ?? 0])), $block->roundRestSeconds, $block->part());
        }
        if ($this->kind === EditKind::Remove) {
            return self::without($block, $at);
        }
        $items = $block->items();
        $item = $items[$at];
        $items[$at] = new Item($item->id, $this->rung ?? $item->rung, $this->dose ?? $item->dose, $item->firstSide);

        return $block->withItems(array_values($items));
    }

    private static function without(Block $block, int $at): ?Block
    {
        $left = array_values(array_diff_key($block->items(), [$at => true]));
        if ($left === [] || ! $block instanceof Circuit) {
            return null;
        }
        if (count($left) === 1) {
            return new StraightSets($left[0], $block->part());
        }

        return new Circuit($left, Circuit::gapsOf($block->gapSeconds, array_keys(array_diff_key($block->stations, [$at => true]))), $block->roundRestSeconds, $block->part());
    }

    private function ordered(Session $session): Session
    {
        $place = array_flip($this->items);
        $blocks = $session->blocks;
        foreach ($blocks as $index => $block) {
            $items = $block->items();
            usort($items, static fn(Item $a, Item $b): int => ($place[$a->id] ?? 0) <=> ($place[$b->id] ?? 0));
            $named = array_filter($items, static fn(Item $item): bool => isset($place[$item->id]));
            $blocks[$index] = count($named) === count($items) ? $block->withItems($items) : $block;
        }
        usort($blocks, static fn(Block $a, Block $b): int => [$a->part()->place(), $place[$a->items()[0]->id] ?? 0] <=> [$b->part()->place(), $place[$b->items()[0]->id] ?? 0]);

        return new Session($blocks);
    }
}
