<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\AccumulatedHold;
use EvenRungs\Dose\Carry;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Reps;
use EvenRungs\Dose\Timed;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Cue;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use PHPUnit\Framework\TestCase;

/**
 * An independent small model of the clock: it lives through a session second by second, as a trainer with a
 * stopwatch would, and agrees with the timeline on random sessions. It shares no code with the timeline
 * except the doses and rungs themselves.
 */
final class ClockModelTest extends TestCase
{
    private const RUNGS = ['front-plank/forearms-toes', 'front-plank/small-rock', 'side-bridge/knees-bent', 'side-bridge/hip-dips', 'all-fours/opposite-short', 'all-fours/opposite-held', 'press-out/standing', 'press-out/seated'];

    /** @var list<string> one entry a second: w work, g gap, r rest, s side change, c change-over */
    private array $seconds = [];

    /** What was done last. */
    private ?Item $last = null;

    public function test_the_timeline_agrees_with_a_stopwatch_on_five_thousand_random_sessions(): void
    {
        mt_srand(20260601);
        for ($round = 0; $round < 5000; $round++) {
            $blocks = $this->randomBlocks();
            $session = new Session($blocks);
            $totals = $session->timeline()->totals();
            $this->seconds = [];
            $this->live($blocks);
            $count = array_count_values($this->seconds);

            self::assertSame($count['w'] ?? 0, $totals->work);
            self::assertSame(($count['g'] ?? 0) + ($count['r'] ?? 0), $totals->rest);
            self::assertSame(($count['s'] ?? 0) + ($count['c'] ?? 0), $totals->changeOver);
            self::assertSame(count($this->seconds), $totals->total());
            self::assertSame(count($this->seconds), array_sum(array_map(static fn($cue): int => $cue->seconds, Cue::all($session->timeline()->segments))));
        }
    }

    /** @param list<StraightSets|Circuit> $blocks */
    private function live(array $blocks): void
    {
        $before = null;
        foreach ($blocks as $block) {
            $first = $block->items()[0];
            if ($before !== null) {
                $this->pass('c', $this->changeOver($before, $first));
            }
            if ($block instanceof StraightSets) {
                for ($set = 1; $set <= $first->dose->sets(); $set++) {
                    $this->set($first, $set);
                    $this->pass('r', $set < $first->dose->sets() ? $first->restSeconds() : 0);
                }
            } else {
                $this->circuit($block);
            }
            $before = $this->last ?? $first;
        }
    }

    private function circuit(Circuit $circuit): void
    {
        $visits = [];
        for ($round = 1; $round <= 20; $round++) {
            foreach ($circuit->stations as $index => $item) {
                if ($item->dose->sets() >= $round) {
                    $visits[] = [$round, $index];
                }
            }
        }
        foreach ($visits as $number => [$round, $index]) {
            $this->set($circuit->stations[$index], $round);
            $next = $visits[$number + 1] ?? null;
            if ($next !== null) {
                $this->pass('r', $next[0] === $round ? $circuit->gapSeconds[$index] : $circuit->roundRestSeconds);
            }
        }
    }

    private function set(Item $item, int $set): void
    {
        $this->last = $item;
        $sides = $item->rung->sidedness;
        $body = $item->dose->body($set);
        if ($body instanceof Timed) {
            // A sand-glass for the whole station: on one-sided rungs five seconds in the middle go to the change.
            $each = intdiv($body->seconds - 5, 2);
            if ($sides === Sidedness::OneSided) {
                $this->pass('w', $each);
                $this->pass('s', 5);
                $this->pass('w', $each);
                $this->pass('r', $body->seconds - 5 - 2 * $each);
            } else {
                $this->pass('w', $body->seconds);
            }

            return;
        }
        if ($sides === Sidedness::Alternating && ($body instanceof Holds || $body instanceof AccumulatedHold)) {
            $holds = $this->holds($body);
            foreach ([...$holds, ...$holds] as $number => $unused) {
                $this->pass('g', $number > 0 ? $body->gapSeconds : 0);
                $this->pass('w', $holds[intdiv($number, 2)]);
            }

            return;
        }
        for ($side = 1; $side <= ($sides === Sidedness::Both ? 1 : 2); $side++) {
            if ($side === 2 && $sides === Sidedness::OneSided) {
                $this->pass('s', 5);
            }
            if ($body instanceof Holds || $body instanceof AccumulatedHold) {
                foreach ($this->holds($body) as $number => $hold) {
                    $this->pass('g', $number > 0 ? $body->gapSeconds : 0);
                    $this->pass('w', $hold);
                }
            } elseif ($body instanceof Carry) {
                // Metre by metre at 1 m/s; at the end of each lane of 10 m two seconds to turn, but not at the goal.
                for ($metre = 1; $metre <= $body->metres; $metre++) {
                    $this->pass('w', 1 + ($metre % 10 === 0 && $metre < $body->metres ? 2 : 0));
                }
            } else {
                for ($rep = 1; $rep <= $body->target(); $rep++) {
                    $this->pass('w', $item->rung->tempoOf($item->dose)->repSeconds());
                }
            }
        }
    }

    /** @return list<int> */
    private function holds(Holds|AccumulatedHold $body): array
    {
        $holds = [];
        $left = $body instanceof Holds ? $body->count * $body->seconds : $body->totalSeconds;
        while ($left > 0) {
            $holds[] = min($left, $body instanceof Holds ? $body->seconds : $body->boutSeconds);
            $left -= $holds[count($holds) - 1];
        }

        return $holds;
    }

    private function changeOver(Item $from, Item $to): int
    {
        $there = ['mat'];
        foreach ($from->rung->kit as $need) {
            foreach ($need->anyOf as $piece) {
                $there[] = $piece->value;
            }
        }
        foreach ($to->rung->kit as $need) {
            if (array_intersect($there, array_map(static fn($piece): string => $piece->value, $need->anyOf)) === []) {
                return 30;
            }
        }

        return $from->rung->position === $to->rung->position ? 10 : 20;
    }

    private function pass(string $what, int $seconds): void
    {
        for ($second = 0; $second < $seconds; $second++) {
            $this->seconds[] = $what;
        }
    }

    /** @return non-empty-list<StraightSets|Circuit> */
    private function randomBlocks(): array
    {
        $blocks = [];
        $id = 0;
        $count = mt_rand(1, 5);
        for ($number = 0; $number < $count; $number++) {
            $stations = [];
            for ($station = mt_rand(0, 2) === 0 ? mt_rand(2, 4) : 1; $station > 0; $station--) {
                $stations[] = $this->randomItem('i'.$id++);
            }
            $blocks[] = count($stations) === 1 ? new StraightSets($stations[0]) : new Circuit($stations, array_map(static fn(): int => mt_rand(0, 40), array_slice($stations, 1)), mt_rand(0, 60));
        }

        return $blocks;
    }

    private function randomItem(string $id): Item
    {
        $rung = ShippedLibrary::rung(self::RUNGS[mt_rand(0, count(self::RUNGS) - 1)]);
        $sets = mt_rand(1, 4);
        $body = match (mt_rand(0, 4)) {
            0 => Holds::of(mt_rand(1, 5), mt_rand(1, 20), mt_rand(0, 8)),
            1 => AccumulatedHold::of(mt_rand(30, 90), mt_rand(10, 30), mt_rand(0, 20)),
            2 => Carry::of(mt_rand(1, 45)),
            3 => Timed::of(mt_rand(10, 70)),
            default => Reps::of(mt_rand(1, 12)),
        };
        $perSide = $rung->sidedness->countsEachSide() && ! $body instanceof Timed;

        return new Item($id, $rung, \EvenRungs\Dose\Dose::of($sets, $body, $perSide, restSeconds: mt_rand(0, 1) === 0 ? null : mt_rand(0, 90)));
    }
}
