<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Load;
use EvenRungs\Body\Position;
use EvenRungs\Ladder\Rung;
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
            self::BottomUp => 'Leg raising, leg raising with rotation, middle, top-down, the shoulder blades last.',
            self::FewestMoves => 'Grouped by position and kit, so that the least time goes to changing over.',
            self::WeakestFirst => 'The demand that stands lowest comes while the person is fresh.',
        };
    }

    /**
     * The main part put into this order; primer and finisher stay, and a circuit stays together, by its first station.
     *
     * @param array<string, Height> $heights by demand, where the person stands
     */
    public function arrange(Session $session, array $heights): Session
    {
        $main = $session->of(Part::Main);
        if ($this === self::FewestMoves) {
            $before = $session->of(Part::Primer);
            $main = self::fewestMoves($main, $before === [] ? null : $before[count($before) - 1]);
        } else {
            // Stable: what this order does not tell apart stays as the trainer wrote it.
            usort($main, fn(Block $a, Block $b): int => $this->place($a->items()[0]->rung, $heights) <=> $this->place($b->items()[0]->rung, $heights));
        }

        return new Session([...$session->of(Part::Primer), ...$main, ...$session->of(Part::Finisher)]);
    }

    /** @param array<string, Height> $heights */
    private function place(Rung $rung, array $heights): int
    {
        $standing = in_array($rung->position, [Position::Standing, Position::Walking, Position::Hanging], true);
        $wholeBody = $rung->position === Position::Walking || $rung->demand === Demand::IntegratedLift;
        $legsRaised = $rung->loads->value(Load::HipFlexor) > 0;
        $rotates = $rung->demand === Demand::AntiRotation || in_array(Demand::AntiRotation, $rung->secondary, true);

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
            self::BottomUp => match (true) {
                $rung->demand === Demand::ShoulderGirdle => 4,
                $legsRaised && $rotates => 1,
                $legsRaised => 0,
                $rung->loads->value(Load::Neck) > 0 || $rung->demand === Demand::TrunkFlexion => 3,
                default => 2,
            },
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
        $cost = static fn(?Block $from, Block $to): int => $from === null ? 0 : ChangeOver::between($from->lastDone(), $to->items()[0])->seconds;

        return count($blocks) <= 9 ? self::exactly($blocks, $before, $cost) : self::nearestNext($blocks, $before, $cost);
    }

    /**
     * The cheapest way through all blocks, by the set of blocks already done and the last of them.
     *
     * @param list<Block>                  $blocks
     * @param \Closure(?Block, Block): int $cost
     *
     * @return list<Block>
     */
    private static function exactly(array $blocks, ?Block $before, \Closure $cost): array
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

        return array_map(static fn(int $at): Block => $blocks[$at], $ways[0][1]);
    }

    /**
     * @param list<Block>                  $blocks
     * @param \Closure(?Block, Block): int $cost
     *
     * @return list<Block>
     */
    private static function nearestNext(array $blocks, ?Block $before, \Closure $cost): array
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
