<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Position;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\WorksFrom;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Method\Question;

/** Schools of ordering a session (common practice): the answers to Question::Order. */
enum OrderSchool: string
{
    case BaseFirst = 'base-first';
    case CarryFirst = 'carry-first';
    case BottomUp = 'bottom-up';
    case FewestMoves = 'fewest-moves';
    case WeakestFirst = 'weakest-first';

    public static function of(Method $method): self
    {
        return self::from(substr((string) strrchr($method->answer(Question::Order)->value, '/'), 1));
    }

    public function label(): string
    {
        return Answer::from(Question::Order->value."/{$this->value}")->label();
    }

    public function inWords(): string
    {
        return match ($this) {
            self::BaseFirst => 'Brace and breathe, then still work on the floor, then moving work, then standing.',
            self::CarryFirst => 'Carries and whole-body work, then rotation, then direct floor work.',
            self::BottomUp => 'Legs raised, legs raised with turning, both ends, the trunk curled, curled with turning or chops, the shoulder blades last.',
            self::FewestMoves => 'Grouped by position and kit, so that the least time goes to changing over.',
            self::WeakestFirst => 'The demand that stands lowest comes while the person is fresh.',
        };
    }

    /**
     * The main part put into this order, inside its circuits as between its blocks; primer and finisher stay, and a circuit
     * stays together, by its first station. The rests of a circuit stay where they are.
     *
     * @param array<string, Height> $heights by demand, where the person stands
     */
    public function arrange(Session $session, array $heights): Session
    {
        $main = array_map(fn(Block $block): Block => $block instanceof Circuit ? $block->withItems($this->stations($block->stations, $heights)) : $block, $session->of(Part::Main));
        if ($this === self::FewestMoves) {
            $before = $session->of(Part::Primer);
            $main = self::fewestMoves($main, $before === [] ? null : $before[count($before) - 1]);
        } else {
            // Stable: what this order does not tell apart stays as the trainer wrote it.
            usort($main, fn(Block $a, Block $b): int => $this->place($a->items()[0]->rung, $heights) <=> $this->place($b->items()[0]->rung, $heights));
        }

        return new Session([...$session->of(Part::Primer), ...$main, ...$session->of(Part::Finisher)]);
    }

    /**
     * @param non-empty-list<Item>  $stations
     * @param array<string, Height> $heights
     *
     * @return non-empty-list<Item>
     */
    private function stations(array $stations, array $heights): array
    {
        if ($this === self::FewestMoves) {
            /** @var non-empty-list<Item> $way */
            $way = self::leastWay($stations, null, static fn(?Item $from, Item $to): int => $from === null ? 0 : ChangeOver::between($from, $to)->seconds);

            return $way;
        }
        usort($stations, fn(Item $a, Item $b): int => $this->place($a->rung, $heights) <=> $this->place($b->rung, $heights));

        return $stations;
    }

    /** @param array<string, Height> $heights */
    private function place(Rung $rung, array $heights): int
    {
        $standing = in_array($rung->position, [Position::Standing, Position::Walking, Position::Hanging], true);
        $wholeBody = $rung->position === Position::Walking || $rung->demand === Demand::IntegratedLift;

        return match ($this) {
            self::BaseFirst => match (true) {
                $rung->demand === Demand::Activation => 0,
                $standing => 3,
                $rung->dynamic => 2,
                default => 1,
            },
            self::CarryFirst => match (true) {
                $wholeBody => 0,
                $rung->demand === Demand::AntiRotation => 1,
                default => 2,
            },
            // What the school has no place for stands in the middle.
            self::BottomUp => (int) array_search($rung->worksFrom ?? WorksFrom::BothEnds, WorksFrom::cases(), true),
            self::WeakestFirst => isset($heights[$rung->demand->value]) ? $heights[$rung->demand->value]->tenths : 1000,
            self::FewestMoves => 0,
        };
    }

    /**
     * The order with the least change-over time, found exactly for up to nine blocks and by the nearest next one above.
     *
     * @param list<Block> $blocks
     *
     * @return list<Block>
     */
    private static function fewestMoves(array $blocks, ?Block $before): array
    {
        if (count($blocks) < 3) {
            return $blocks;
        }

        return self::leastWay($blocks, $before, static fn(?Block $from, Block $to): int => $from === null ? 0 : ChangeOver::between($from->lastDone(), $to->items()[0])->seconds);
    }

    /**
     * @template T of object
     *
     * @param list<T>                $all
     * @param T|null                 $before
     * @param \Closure(T|null, T): int $cost
     *
     * @return list<T>
     */
    private static function leastWay(array $all, ?object $before, \Closure $cost): array
    {
        return count($all) <= 9 ? self::exactly($all, $before, $cost) : self::nearestNext($all, $before, $cost);
    }

    /**
     * The cheapest way through all, by the set of those already done and the last of them.
     *
     * @template T of object
     *
     * @param list<T>                $blocks
     * @param T|null                 $before
     * @param \Closure(T|null, T): int $cost
     *
     * @return list<T>
     */
    private static function exactly(array $blocks, ?object $before, \Closure $cost): array
    {
        $count = count($blocks);
        $between = [];
        foreach ($blocks as $from => $a) {
            foreach ($blocks as $to => $b) {
                $between[$from][$to] = $from === $to ? 0 : $cost($a, $b);
            }
        }
        $best = [];
        foreach ($blocks as $at => $block) {
            $best[1 << $at][$at] = [$cost($before, $block), [$at]];
        }
        for ($done = 1; $done < (1 << $count); $done++) {
            foreach ($best[$done] ?? [] as $last => [$seconds, $way]) {
                for ($next = 0; $next < $count; $next++) {
                    if (($done & (1 << $next)) !== 0) {
                        continue;
                    }
                    $longer = $seconds + $between[$last][$next];
                    $known = $best[$done | (1 << $next)][$next] ?? null;
                    if ($known === null || $longer < $known[0] || ($longer === $known[0] && [...$way, $next] < $known[1])) {
                        $best[$done | (1 << $next)][$next] = [$longer, [...$way, $next]];
                    }
                }
            }
            unset($best[$done - 1]);
        }
        $ways = $best[(1 << $count) - 1];
        usort($ways, static fn(array $a, array $b): int => $a <=> $b);

        return array_map(static fn(int $at): object => $blocks[$at], $ways[0][1]);
    }

    /**
     * @template T of object
     *
     * @param list<T>                $blocks
     * @param T|null                 $before
     * @param \Closure(T|null, T): int $cost
     *
     * @return list<T>
     */
    private static function nearestNext(array $blocks, ?object $before, \Closure $cost): array
    {
        $way = [];
        $last = $before ?? array_shift($blocks);
        if ($before === null && $last !== null) {
            $way[] = $last;
        }
        while ($blocks !== []) {
            $nearest = array_keys($blocks)[0];
            foreach ($blocks as $at => $block) {
                if ($cost($last, $block) < $cost($last, $blocks[$nearest])) {
                    $nearest = $at;
                }
            }
            $last = $blocks[$nearest];
            $way[] = $last;
            unset($blocks[$nearest]);
        }

        return $way;
    }
}
