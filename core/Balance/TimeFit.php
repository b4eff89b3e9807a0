<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Limit;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\RestBand;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Block;
use EvenRungs\Session\ChangeOver;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Edit;
use EvenRungs\Session\FatigueSite;
use EvenRungs\Session\Item;
use EvenRungs\Session\Segment;
use EvenRungs\Session\Session;
use EvenRungs\Session\SessionLength;
use EvenRungs\Session\SetClock;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\Totals;

/**
 * How a session that is too long comes down to its minutes, least harm first (the order is our own choice): shorter
 * rests inside their bands; neighbouring straight sets that do not compete as supersets; a set less of the demand
 * furthest above its share, the weakest while it is above its own, as long as two stay; an exercise less whose demand is
 * best covered elsewhere, never the weakest's; then down to one set, and where that is not enough, sets of what takes
 * longest, whatever it trains. Few exercises with two sets train more than all of them with one.
 */
final class TimeFit
{
    /** @var list<FitStep> */
    private array $steps = [];

    /**
     * @param list<Limit>        $limits
     * @param array<string, int> $elsewhere seconds of work by demand in the other sessions of the week
     * @param (\Closure(Item, int): Dose)|null $inFewer
     */
    private function __construct(
        private Session $session,
        private readonly int $target,
        private readonly TargetShares $targets,
        private readonly ?Demand $weakest,
        private readonly array $limits,
        private readonly array $elsewhere,
        private readonly ?int $picks,
        private readonly ?\Closure $inFewer,
    ) {}

    /**
     * @param int                $target    seconds there are
     * @param Demand|null        $weakest   of the person; the demand furthest below its share where it is not known
     * @param list<Limit>        $limits
     * @param array<string, int> $elsewhere seconds of work by demand in the other sessions of the week
     * @param int|null           $picks     so many of its exercises the person picks; null for all: then the longest choice has to fit
     * @param (\Closure(Item, int): Dose)|null $inFewer the dose of an exercise in so many sets; the same in each where null
     *
     * @return list<FitStep> none when it fits already, or when nothing more can be proposed
     */
    public static function propose(Session $session, int $target, TargetShares $targets, ?Demand $weakest, array $limits = [], array $elsewhere = [], ?int $picks = null, ?\Closure $inFewer = null): array
    {
        $fit = new self($session, $target, $targets, $weakest ?? self::furthestBelow($session, $targets), $limits, $elsewhere, $picks, $inFewer);
        $fit->shortenRests();
        // Two of what is picked from stay two.
        if ($picks === null) {
            $fit->repeat($fit->pair(...));
        }
        $fit->repeat(fn(): bool => $fit->dropSet(true, least: 2));
        $fit->repeat(fn(): bool => $fit->dropExercise(onlyCovered: true));
        $fit->repeat(fn(): bool => $fit->dropSet(true, least: 1));
        $fit->repeat(fn(): bool => $fit->dropExercise(onlyCovered: false));
        $fit->repeat(fn(): bool => $fit->dropSet(false, least: 1));
        $fit->repeat($fit->dropFromLongest(...));

        return $fit->steps;
    }

    /**
     * What other sessions give each demand: seconds of work by main demand.
     *
     * @param list<Session> $sessions
     *
     * @return array<string, int>
     */
    public static function workIn(array $sessions): array
    {
        $seconds = [];
        foreach ($sessions as $session) {
            $totals = $session->timeline()->totalsByItem();
            foreach ($session->items() as $item) {
                $demand = $item->rung->demand->value;
                $seconds[$demand] = ($seconds[$demand] ?? 0) + $totals[$item->id]->work;
            }
        }

        return $seconds;
    }

    /** The demand that gets the least of what the aim asks for, among those the session trains. */
    private static function furthestBelow(Session $session, TargetShares $targets): ?Demand
    {
        $shares = WorkShares::of($session, $session->timeline());
        $worst = null;
        foreach ($session->items() as $item) {
            $demand = $item->rung->demand;
            $gap = fn(Demand $demand): int => $targets->perMille($demand) - $shares->perMille($demand);
            if ($demand->hasShare() && ($worst === null || $gap($demand) > $gap($worst))) {
                $worst = $demand;
            }
        }

        return $worst;
    }

    /** @param \Closure(): bool $step false when it found nothing to do */
    private function repeat(\Closure $step): void
    {
        while ($this->over() > 0 && $step()) {
        }
    }

    private function over(): int
    {
        return $this->total($this->session) - $this->target;
    }

    private function total(Session $session): int
    {
        return SessionLength::of($session, $this->picks)->longest;
    }

    /** @param array<string, string|int> $inputs */
    private function take(Session $session, string $what, array $inputs, string $instead): void
    {
        $saved = $this->total($this->session) - $this->total($session);
        $this->session = $session;
        $this->steps[] = new FitStep($session, $saved, $this->total($session), Reason::because(
            Rule::FitToTime,
            "{$what} Saves ".Totals::clock($saved).'.',
            [...$inputs, 'saves' => "{$saved} s", 'then' => Totals::clock($this->total($session)).' of '.Totals::clock($this->target)],
            $instead,
        ));
    }

    /** All rests by the same part of the way to the low end of their bands, only as far as needed. */
    private function shortenRests(): void
    {
        $over = $this->over();
        $room = 0;
        foreach ($this->rests() as [, $now, $low, $times]) {
            $room += ($now - $low) * $times;
        }
        if ($over <= 0 || $room === 0) {
            return;
        }
        $new = $inputs = [];
        foreach ($this->rests() as $key => [$name, $now, $low]) {
            // In steps of five seconds, rounded towards the shorter rest.
            $cut = intdiv(($now - $low) * $over + $room - 1, $room);
            $rest = max($low, $now - 5 * intdiv($cut + 4, 5));
            $new[$key] = $rest;
            if ($rest < $now) {
                $inputs[$name] = "{$now} s → {$rest} s";
            }
        }
        $blocks = [];
        foreach ($this->session->blocks as $number => $block) {
            if ($block instanceof Circuit) {
                $gaps = [];
                foreach ($block->gapSeconds as $index => $gap) {
                    $gaps[] = $new["{$number}.{$index}"] ?? $gap;
                }
                $blocks[] = new Circuit($block->stations, $gaps, $new["{$number}.round"] ?? $block->roundRestSeconds, $block->part());
            } else {
                $item = $block->items()[0];
                $blocks[] = isset($new["{$number}"]) ? $block->withItems([self::dosed($item, $item->dose->withRest($new["{$number}"]))]) : $block;
            }
        }
        $this->take(new Session($blocks), 'Rests shorter, inside their bands.', $inputs, 'More minutes, or fewer sets with the rests as they are.');
    }

    /** @return array<array-key, array{string, int, int, int}> name, seconds now, lowest seconds, times; only where there is room */
    private function rests(): array
    {
        $rests = [];
        foreach ($this->session->blocks as $number => $block) {
            if ($block instanceof Circuit) {
                foreach ($block->gapSeconds as $index => $gap) {
                    [$here, $next] = [$block->stations[$index], $block->stations[$index + 1]];
                    $rests["{$number}.{$index}"] = ["gap after {$here->rung->name}", $gap, ChangeOver::between($here, $next)->seconds, min($here->dose->allSets(), $next->dose->allSets())];
                }
                $last = $block->stations[count($block->stations) - 1];
                $rests["{$number}.round"] = ['between rounds', $block->roundRestSeconds, RestBand::for($last->rung->doseKind, $last->dose->first())->low, $block->rounds() - 1];
            } else {
                $item = $block->items()[0];
                $rests["{$number}"] = [$item->rung->name, $item->restSeconds(), RestBand::for($item->rung->doseKind, $item->dose->first())->low, $item->dose->allSets() - 1];
            }
        }

        return array_filter($rests, static fn(array $rest): bool => $rest[1] > $rest[2] && $rest[3] > 0);
    }

    /** The pair of neighbours that saves most as a superset. */
    private function pair(): bool
    {
        $best = null;
        $blocks = $this->session->blocks;
        for ($at = 0; $at + 1 < count($blocks); $at++) {
            [$one, $other] = [$blocks[$at], $blocks[$at + 1]];
            if (! $one instanceof StraightSets || ! $other instanceof StraightSets || $one->part() !== $other->part() || $this->compete($one->item, $other->item)) {
                continue;
            }
            $superset = self::superset($one, $other);
            $session = new Session([...array_slice($blocks, 0, $at), $superset, ...array_slice($blocks, $at + 2)]);
            if ($this->total($session) < $this->total($best[0] ?? $this->session)) {
                $best = [$session, $superset];
            }
        }
        if ($best === null) {
            return false;
        }
        [$first, $second] = $best[1]->stations;
        $this->take(
            $best[0],
            "“{$first->rung->name}” and “{$second->rung->name}” in turn, as a superset.",
            ['gap' => "{$best[1]->gapSeconds[0]} s, the change-over", 'between rounds' => "{$best[1]->roundRestSeconds} s", 'why they go together' => "{$first->rung->demand->shortName()} and {$second->rung->demand->shortName()}: each rests while the other works"],
            'Two exercises of one demand, or loading one joint, are not paired.',
        );

        return true;
    }

    private function compete(Item $one, Item $other): bool
    {
        return $one->rung->demand === $other->rung->demand || FatigueSite::shared($one->rung, $other->rung, $this->limits) !== [];
    }

    /** Each exercise rests at least the low end of its band while the other works. */
    private static function superset(StraightSets $one, StraightSets $other): Circuit
    {
        $gap = ChangeOver::between($one->item, $other->item)->seconds;
        $back = ChangeOver::between($other->item, $one->item)->seconds;
        foreach ([[$one->item, $other->item], [$other->item, $one->item]] as [$rests, $works]) {
            $work = array_sum(array_map(static fn(Segment $segment): int => $segment->seconds, SetClock::segments($works, 0, 1)));
            $back = max($back, RestBand::for($rests->rung->doseKind, $rests->dose->first())->low - $gap - $work);
        }

        return new Circuit(
            [self::dosed($one->item, $one->item->dose->withRest(null)), self::dosed($other->item, $other->item->dose->withRest(null))],
            [$gap],
            $back,
            $one->part(),
        );
    }

    /**
     * @param bool $onlyAbove only from a demand that has more than its share
     * @param int  $least     sets that stay
     */
    private function dropSet(bool $onlyAbove, int $least): bool
    {
        $shares = WorkShares::of($this->session, $this->session->timeline());
        $chosen = null;
        foreach ($this->session->items() as $item) {
            $demand = $item->rung->demand;
            $above = $demand->hasShare() ? $shares->perMille($demand) - $this->targets->perMille($demand) : 0;
            if ($item->dose->sets() <= $least || (($onlyAbove || $demand === $this->weakest) && $above <= 0)) {
                continue;
            }
            $rank = [$above, $item->dose->sets()];
            $dose = $this->oneSetLess($item);
            $session = Edit::dose($item->id, $dose)->appliedTo($this->session);
            if (($chosen === null || $rank > $chosen[1]) && $session !== null && $this->total($session) < $this->total($this->session)) {
                $chosen = [$item, $rank, $dose, $session];
            }
        }
        if ($chosen === null) {
            return false;
        }
        [$item, [$above], $dose, $session] = $chosen;
        $share = static fn(int $perMille): string => intdiv(abs($perMille), 10).'.'.(abs($perMille) % 10).' %';
        $this->take($session, "One set less of “{$item->rung->name}”.", [
            'why this one' => $above > 0 ? "{$item->rung->demand->shortName()} is furthest above its share, by {$share($above)}" : "{$item->rung->demand->shortName()} is nearest to its share",
            'dose' => DoseLine::print($item->dose).' → '.DoseLine::print($dose),
        ], 'The weakest demand loses no set while it has no more than its share.');

        return true;
    }

    /** One set, or in a circuit one round, of the block that takes longest; falls to what has only one set left last. */
    private function dropFromLongest(): bool
    {
        $best = null;
        foreach ($this->session->blocks as $number => $block) {
            $items = array_map(fn(Item $item): Item => $item->dose->sets() < 2 || $item->dose->sets() < self::rounds($block) ? $item : self::dosed($item, $this->oneSetLess($item)), $block->items());
            $shorter = new Session([...array_slice($this->session->blocks, 0, $number), $block->withItems($items), ...array_slice($this->session->blocks, $number + 1)]);
            $alone = $this->total(new Session([$block]));
            if ($this->total($shorter) < $this->total($this->session) && ($best === null || $alone > $best[1])) {
                $best = [$shorter, $alone, $block];
            }
        }
        if ($best === null) {
            return false;
        }
        [$shorter, $alone, $block] = $best;
        $name = $block->items()[0]->rung->name;
        $this->take($shorter, $block instanceof Circuit ? "One round less of the circuit that begins with “{$name}”." : "One set less of “{$name}”.", [
            'why this one' => 'it takes longest, '.Totals::clock($alone).', and all else has given what it can',
        ], 'More minutes.');

        return true;
    }

    private function oneSetLess(Item $item): Dose
    {
        $sets = $item->dose->sets() - 1;

        return $this->inFewer === null ? $item->dose->withSets($sets) : ($this->inFewer)($item, $sets);
    }

    private static function rounds(Block $block): int
    {
        return max(array_map(static fn(Item $item): int => $item->dose->sets(), $block->items()));
    }

    /** @param bool $onlyCovered only one whose demand is trained by another, here or in the week */
    private function dropExercise(bool $onlyCovered): bool
    {
        $work = [];
        foreach ($this->session->timeline()->totalsByItem() as $id => $totals) {
            $work[$id] = $totals->work;
        }
        $chosen = null;
        foreach ($this->session->items() as $item) {
            $demand = $item->rung->demand;
            $here = 0;
            foreach ($this->session->items() as $other) {
                $here += $other->id !== $item->id && $other->rung->demand === $demand ? $work[$other->id] : 0;
            }
            $covered = $here + ($this->elsewhere[$demand->value] ?? 0);
            // A demand every week has to meet stays where nothing else meets it.
            if ($demand === $this->weakest || ($covered === 0 && ($onlyCovered || in_array($demand, Demand::everyWeek(), true)))) {
                continue;
            }
            $session = $chosen === null || $covered > $chosen[1] ? Edit::remove($item->id)->appliedTo($this->session) : null;
            if ($session !== null && $this->total($session) < $this->total($this->session)) {
                $chosen = [$item, $covered, $here, $session];
            }
        }
        if ($chosen === null) {
            return false;
        }
        [$item, $covered, $here, $session] = $chosen;
        $this->take($session, "Without {$item->rung->name}.", [
            'why this one' => $covered > 0 ? "{$item->rung->demand->shortName()} is best covered elsewhere" : "no week has to meet {$item->rung->demand->shortName()}",
            'work in this session' => Totals::clock($here),
            'work in other sessions' => Totals::clock($covered - $here),
        ], 'The weakest demand is never dropped.');

        return true;
    }

    private static function dosed(Item $item, Dose $dose): Item
    {
        return new Item($item->id, $item->rung, $dose, $item->firstSide);
    }
}
