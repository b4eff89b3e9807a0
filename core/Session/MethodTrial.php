<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Height;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\StandIns;
use EvenRungs\Ladder\Substitution;

/** A session under another method, beside the same session under the present one. */
final readonly class MethodTrial
{
    /**
     * @param Session|null $after   null when nothing of it is left
     * @param list<string> $changes what is different, one sentence each; empty when nothing is
     */
    private function __construct(public ?Session $after, public array $changes) {}

    /**
     * Doses the trainer wrote stand; those that are the default of the present method become the default of the other.
     *
     * @param array<string, Height> $heights by demand, where the person stands
     */
    public static function of(Session $session, Circumstances $now, Circumstances $then, Library $library, array $heights, StandIns $standIns = new StandIns): self
    {
        $changes = $blocks = [];
        foreach ($session->blocks as $block) {
            $items = [];
            foreach ($block->items() as $at => $item) {
                $under = self::item($item, $now, $then, $library, $standIns);
                $changes = [...$changes, ...self::difference($item, $under, $now, $then)];
                if ($under !== null) {
                    $items[$at] = $under;
                }
            }
            array_push($blocks, ...self::rebuilt($block, $items));
        }
        $after = $blocks === [] ? null : new Session($blocks);
        if ($after !== null && OrderSchool::of($then->method) !== OrderSchool::of($now->method)) {
            $ordering = Ordering::of($after, OrderSchool::of($then->method), $heights);
            $after = $ordering->session;
            if (! $ordering->isPresent) {
                $changes[] = "Order: begins with {$after->items()[0]->rung->name}.";
            }
        }

        return new self($after, $changes);
    }

    private static function item(Item $item, Circumstances $now, Circumstances $then, Library $library, StandIns $standIns): ?Item
    {
        $rung = $item->rung;
        if ($now->rule($rung)->openSomewhere() && ! $then->rule($rung)->openSomewhere()) {
            $rung = Substitution::for($rung, $library, $then, $standIns)->instead ?? null;
        }
        if ($rung === null) {
            return null;
        }
        // Sets and rests may have been fitted to the minutes; what a set is tells whose dose it is.
        $isDefault = $item->dose->bodies[0] == $item->rung->defaultDose($now->method)->bodies[0];
        $default = $rung->defaultDose($then->method);
        $changes = $rung->slug !== $item->rung->slug || ($isDefault && DoseLine::print($default) !== DoseLine::print($item->rung->defaultDose($now->method)));

        return new Item($item->id, $rung, $changes ? $default : $item->dose, $item->firstSide);
    }

    /** @return list<string> */
    private static function difference(Item $before, ?Item $after, Circumstances $now, Circumstances $then): array
    {
        $name = $before->rung->name;
        if ($after === null) {
            return ["{$name}: put away, and nothing open stands in."];
        }
        $was = DoseLine::print($before->dose, $now->method->counting());
        $is = DoseLine::print($after->dose, $then->method->counting());
        $cues = array_values(array_diff($after->rung->cues($then), $after->rung->cues($now)));

        return array_keys(array_filter([
            "{$name}: “{$after->rung->name}” in its place, {$is}." => $after->rung->slug !== $before->rung->slug,
            "{$name}: {$was} → {$is}." => $after->rung->slug === $before->rung->slug && $was !== $is,
            "{$name}: “".implode('” “', $cues).'”' => $cues !== [],
        ]));
    }

    /**
     * @param array<int, Item> $items that are left, by their places
     *
     * @return list<Block>
     */
    private static function rebuilt(Block $block, array $items): array
    {
        $left = array_values($items);
        if ($block instanceof Circuit && count($left) > 1) {
            return [new Circuit($left, Circuit::gapsOf($block->gapSeconds, array_keys($items)), $block->roundRestSeconds, $block->part())];
        }

        return array_map(static fn(Item $item): StraightSets => new StraightSets($item, $block->part()), $left);
    }
}
