<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Balance\FitStep;
use EvenRungs\Balance\TargetShares;
use EvenRungs\Balance\TimeFit;
use EvenRungs\Balance\TimeLeft;
use EvenRungs\Balance\WorkShares;
use EvenRungs\Body\Demand;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Method\Counting;
use EvenRungs\Session\Block;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\FatigueSite;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;
use EvenRungs\Session\SessionLength;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\Warning;
use PHPUnit\Framework\TestCase;

/** A session that is too long comes down to its minutes, least harm first. */
final class TimeFitTest extends TestCase
{
    public function test_a_session_that_fits_is_left_alone(): void
    {
        self::assertSame([], $this->fit($this->session(['front-plank/forearms-toes', '2x20s']), 600));
    }

    public function test_rests_are_shortened_first_and_only_as_far_as_needed(): void
    {
        // 20 + 45 + 20 = 85 s; the band of a capped hold goes down to 30 s.
        $steps = $this->fit($this->session(['front-plank/forearms-toes', '2x20s']), 80);

        self::assertCount(1, $steps);
        self::assertSame('2x20s r40', DoseLine::print($steps[0]->session->items()[0]->dose));
        self::assertSame(5, $steps[0]->savedSeconds);
        self::assertStringContainsString('Saves 0:05', $steps[0]->reason->sentence);
    }

    public function test_rests_never_leave_their_band(): void
    {
        $steps = $this->fit($this->session(['front-plank/forearms-toes', '2x20s']), 30);

        self::assertSame('2x20s r30', DoseLine::print($steps[0]->session->items()[0]->dose));
    }

    public function test_then_neighbours_that_do_not_compete_become_a_superset(): void
    {
        // Each rests 30 s (45 in the shorter band) while the other works: the round costs the change-overs only.
        $session = $this->session(['all-fours/leg-lift', '3x8/side 2-0-2-0'], ['press-out/standing', '3x8/side 2-0-2-0']);
        $steps = $this->fit($session, 500);
        $superset = $steps[1]->session->blocks[0];

        self::assertInstanceOf(Circuit::class, $superset);
        self::assertCount(2, $superset->stations);
        self::assertStringContainsString('as a superset', $steps[1]->reason->sentence);
        self::assertLessThan($steps[0]->totalSeconds, $steps[1]->totalSeconds);
    }

    public function test_two_exercises_of_one_demand_are_not_paired(): void
    {
        $session = $this->session(['front-plank/forearms-toes', '3x20s'], ['dead-bug/ninety-hold', '3x20s']);

        foreach ($this->fit($session, 60) as $step) {
            self::assertContainsOnlyInstancesOf(StraightSets::class, $step->session->blocks);
        }
    }

    public function test_then_a_set_goes_from_the_demand_furthest_above_its_share(): void
    {
        $session = $this->session(['front-plank/forearms-toes', '5x60s r30'], ['side-bridge/knees-bent', '2x15s/side r30']);
        $steps = $this->fit($session, 300, Demand::AntiLateralFlexion);
        $dropped = array_values(array_filter($steps, static fn(FitStep $step): bool => str_starts_with($step->reason->sentence, 'One set less')));

        self::assertSame('One set less of “Front plank, forearms and toes”. Saves 1:20.', $dropped[0]->reason->sentence);
        self::assertSame(2, self::named($steps[count($steps) - 1]->session, Demand::AntiLateralFlexion)->dose->sets());
    }

    public function test_then_the_exercise_goes_whose_demand_is_best_covered_elsewhere(): void
    {
        $session = $this->session(['front-plank/forearms-toes', '1x60s'], ['side-bridge/knees-bent', '1x30s/side'], ['bridge/touch', '1x15']);
        $steps = TimeFit::propose($session, 200, Aim::Even->targets(), Demand::AntiLateralFlexion, [], ['anti-extension' => 200, 'hip-stability' => 60]);

        self::assertSame(['Without Front plank, forearms and toes.'], array_map(static fn(FitStep $step): string => explode(' Saves', $step->reason->sentence)[0], $steps));
    }

    public function test_few_exercises_keep_two_sets_before_many_come_down_to_one(): void
    {
        $session = $this->session(
            ['front-plank/forearms-toes', '3x20s'],
            ['dead-bug/alternating-lifts', '3x8/side'],
            ['side-bridge/knees-bent', '3x15s/side'],
            ['carry/one-side-light', '3x20m/side'],
            ['all-fours/opposite-short', '3x5/side'],
            ['prone-extension/both-legs', '3x8'],
            ['press-out/standing', '3x10/side'],
            ['floor-anti-rotation/hover-hold', '3x(2x10s/5)'],
        );
        $steps = $this->fit($session, intdiv($session->timeline()->totals()->total() * 2, 5), Demand::AntiLateralFlexion);
        $last = $steps[count($steps) - 1]->session;

        self::assertLessThan(8, count($last->items()));
        foreach ($last->items() as $item) {
            $ofDemand = array_filter($last->items(), static fn(Item $other): bool => $other->rung->demand === $item->rung->demand);
            self::assertTrue($item->dose->sets() >= 2 || count($ofDemand) === 1, "{$item->rung->name}: one set beside another exercise of its demand");
        }
        self::assertSame([], array_udiff(Demand::everyWeek(), array_map(static fn(Item $item): Demand => $item->rung->demand, $last->items()), static fn(Demand $a, Demand $b): int => $a->value <=> $b->value));
    }

    public function test_what_other_sessions_give_a_demand_is_their_work_on_it(): void
    {
        $one = $this->session(['front-plank/forearms-toes', '2x20s'], ['side-bridge/knees-bent', '1x15s/side']);
        $other = $this->session(['dead-bug/ninety-hold', '3x10s']);

        self::assertSame(['anti-extension' => 70, 'anti-lateral-flexion' => 30], TimeFit::workIn([$one, $other]));
        self::assertSame([], TimeFit::workIn([]));
    }

    public function test_a_demand_every_week_must_meet_stays_where_nothing_else_meets_it(): void
    {
        $session = $this->session(['front-plank/forearms-toes', '1x60s'], ['side-bridge/knees-bent', '1x30s/side']);

        self::assertSame([], TimeFit::propose($session, 30, Aim::Even->targets(), Demand::AntiLateralFlexion), 'it does not fit, and nothing is proposed that would leave a demand open');
    }

    public function test_on_any_session_the_steps_save_what_they_say_and_the_weakest_demand_loses_nothing_it_needs(): void
    {
        mt_srand(42);
        $fitted = 0;
        for ($round = 0; $round < 120; $round++) {
            $session = RandomSession::make();
            $before = $session->timeline()->totals()->total();
            $target = intdiv($before * mt_rand(40, 100), 100);
            $items = $session->items();
            $weakest = $items[mt_rand(0, count($items) - 1)]->rung->demand;
            $targets = TargetShares::of(['anti-extension' => mt_rand(0, 5), 'anti-rotation' => mt_rand(1, 5), 'hip-stability' => mt_rand(0, 3)]);
            $steps = TimeFit::propose($session, $target, $targets, $weakest, [], mt_rand(0, 1) === 0 ? [] : ['anti-extension' => 100, 'anti-flexion' => 50]);
            $kept = array_map(static fn(Item $item): string => $item->id, array_filter($items, static fn(Item $item): bool => $item->rung->demand === $weakest));
            $last = $session;
            foreach ($steps as $step) {
                $total = $step->session->timeline()->totals()->total();
                self::assertSame($before - $total, $step->savedSeconds);
                self::assertSame($total, $step->totalSeconds);
                self::assertGreaterThan(0, $step->savedSeconds);
                self::assertGreaterThan($target, $before, 'no step beyond the target');
                if (self::setsOf($weakest, $step->session) < self::setsOf($weakest, $last)) {
                    $isAbove = $weakest->hasShare() && WorkShares::of($last, $last->timeline())->perMille($weakest) > $targets->perMille($weakest);
                    self::assertTrue($isAbove || str_contains((string) json_encode($step->reason->inputs), 'takes longest'), 'it loses sets only while it is above its share, or when all else has given what it can');
                }
                $before = $total;
                $last = $step->session;
            }
            foreach ($kept as $id) {
                $there = array_values(array_filter($last->items(), static fn(Item $item): bool => $item->id === $id));
                self::assertCount(1, $there, 'the weakest demand is never dropped');
            }
            $fitted += (int) ($steps !== [] && $before <= $target);
            if ($before > $target) {
                foreach ($last->items() as $item) {
                    self::assertSame(1, $item->dose->sets(), 'what does not fit at the end has no set left that may go');
                }
            }
        }
        self::assertGreaterThan(40, $fitted);
    }

    public function test_a_pair_rests_at_least_the_low_end_of_its_band_while_the_other_works(): void
    {
        mt_srand(9);
        $pairs = 0;
        for ($round = 0; $round < 200; $round++) {
            $session = $this->straight();
            foreach (TimeFit::propose($session, 120, Aim::Even->targets(), null) as $step) {
                foreach ($step->session->blocks as $block) {
                    if (! $block instanceof Circuit || count($block->stations) !== 2) {
                        continue;
                    }
                    $pairs++;
                    [$one, $other] = $block->stations;
                    self::assertNotSame($one->rung->demand, $other->rung->demand);
                    self::assertSame([], FatigueSite::shared($one->rung, $other->rung, []));
                }
            }
        }
        self::assertGreaterThan(50, $pairs);
    }

    public function test_minutes_left_go_to_the_weakest_demand_when_they_are_enough(): void
    {
        $session = $this->session(['press-out/standing', '2x10/side 2-0-2-0']);
        $offer = self::left($session, $session->timeline()->totals()->total() + 60, Demand::AntiRotation);

        self::assertNotNull($offer);
        self::assertStringContainsString('Rotation is the weakest', $offer->reason->sentence);
        self::assertSame('2x12/side 2-0-2-0', DoseLine::print($offer->repair?->appliedTo($session)?->items()[0]->dose ?? $session->items()[0]->dose));
        self::assertNull(self::left($session, $session->timeline()->totals()->total() + 5, Demand::AntiRotation), 'five seconds are not enough');
        self::assertNull(self::left($session, $session->timeline()->totals()->total() + 40, Demand::AntiFlexion), 'nothing of that demand is there');
    }

    public function test_a_session_well_under_its_minutes_says_so_and_offers_what_the_weakest_would_gain(): void
    {
        $session = $this->session(['press-out/standing', '2x10/side 2-0-2-0'], ['front-plank/forearms-toes', '3x20s']);
        $offer = self::left($session, 1800, Demand::AntiRotation);

        self::assertStringContainsString(' of 30:00 left. Rotation is the weakest: Press-out, standing at 4x12/side 2-0-2-0 adds', $offer->reason->sentence ?? '');
        self::assertStringContainsString('of the work instead of', $offer->reason->sentence ?? '');

        $due = ShippedLibrary::item('all-fours/opposite-short', '2x5/side');
        $added = self::left($session, 1800, Demand::AntiFlexion, $due);
        self::assertSame('Add Opposite arm and leg, short holds', $added?->repair?->label);
        self::assertSame('all-fours/opposite-short', $added->repair->appliedTo($session)?->items()[2]->rung->slug);

        self::assertNull(self::left($session, 1800, Demand::AntiFlexion)?->repair, 'nothing fits, and it still says how much is left');
        self::assertStringContainsString('of 30:00 left', self::left($session, 1800, null)->reason->sentence ?? '');
    }

    public function test_the_weakest_gets_of_the_minutes_left_no_more_than_its_share_asks(): void
    {
        $offer = self::left($session = $this->oneOfEach('2x8'), 1500, Demand::ShoulderGirdle);

        self::assertStringContainsString('Shoulder girdle is the weakest: Push-away, knees at 2x12 adds 40 s, 18 % of the work instead of 14 %.', $offer->reason->sentence ?? '');
        self::assertSame(2, self::named($offer?->repair?->appliedTo($session) ?? $session, Demand::ShoulderGirdle)->dose->sets(), 'four sets would fit, and be a third of the work');
    }

    public function test_minutes_left_go_to_what_is_furthest_below_its_share_where_the_weakest_has_its_own(): void
    {
        $offer = self::left($session = $this->oneOfEach('3x12'), 1500, Demand::ShoulderGirdle);
        $then = $offer?->repair?->appliedTo($session);

        self::assertStringContainsString('left. Lateral is furthest below its share: Side bridge, knees bent at ', $offer->reason->sentence ?? '');
        self::assertNotNull($then);
        $share = static fn(Session $of): int => WorkShares::of($of, $of->timeline())->perMille(Demand::AntiLateralFlexion);
        self::assertGreaterThan($share($session), $share($then));
        self::assertSame(3, self::named($then, Demand::ShoulderGirdle)->dose->sets());
    }

    public function test_much_time_left_gives_a_set_more_to_each_exercise_whose_demand_is_below_its_share(): void
    {
        $fill = static fn(Session $session, int $target): ?Warning => (new TimeLeft($session, $target, Aim::Even->targets(), Counting::EachSide))->fill();
        $session = $this->oneOfEach('3x12');
        $filled = $fill($session, 1500);
        self::assertNotNull($filled?->repair);
        $then = $filled->repair->appliedTo($session);
        self::assertNotNull($then);
        $agreement = static fn(Session $of): int => WorkShares::of($of, $of->timeline())->agreementPerMille(Aim::Even->targets());

        self::assertStringContainsString(" of 25:00 left. {$filled->repair->label} whose demand is below its share: ", $filled->reason->sentence);
        self::assertStringEndsWith(' exercises', $filled->repair->label);
        self::assertGreaterThan($agreement($session), $agreement($then));
        self::assertLessThanOrEqual(1500, $then->timeline()->totals()->total());
        self::assertSame('3x12', DoseLine::print(self::named($then, Demand::ShoulderGirdle)->dose), 'what has its share gets none');
        foreach ($then->items() as $at => $item) {
            self::assertLessThanOrEqual($session->items()[$at]->dose->sets() + 1, $item->dose->sets(), 'one set more, whatever time is left');
            self::assertSame($session->items()[$at]->dose->first()->target(), $item->dose->first()->target(), 'in each set what is due');
        }
        self::assertNull($fill($session, $session->timeline()->totals()->total() + 60), 'a minute is little');
        self::assertNull($fill($this->session(['press-out/standing', '2x10/side 2-0-2-0']), 1800), 'of one exercise the offer says it');
    }

    public function test_minutes_left_add_nothing_to_what_was_too_much_the_last_time(): void
    {
        $session = $this->oneOfEach('3x12');
        $in = static fn(string ...$most): TimeLeft => new TimeLeft($session, 1500, Aim::Even->targets(), Counting::EachSide, most: array_values($most));
        $side = 'side-bridge/knees-bent';
        $before = self::named($session, Demand::AntiLateralFlexion)->dose;

        self::assertNotEquals($before, self::named($in()->fill()?->repair?->appliedTo($session) ?? $session, Demand::AntiLateralFlexion)->dose);
        self::assertEquals($before, self::named($in($side)->fill()?->repair?->appliedTo($session) ?? $session, Demand::AntiLateralFlexion)->dose);
        self::assertStringNotContainsString('Side bridge', $in($side)->offer(null)->reason->sentence ?? '');
        self::assertStringContainsString('Side bridge', $in()->offer(Demand::AntiLateralFlexion)->reason->sentence ?? '');
        self::assertStringEndsWith('left. Lateral is the weakest, and after the last time nothing is added to it.', $in($side)->offer(Demand::AntiLateralFlexion)->reason->sentence ?? '');
    }

    private function oneOfEach(string $shoulder): Session
    {
        return $this->session(['shoulder-girdle/push-away-knees', $shoulder], ['front-plank/forearms-toes', '3x20s'], ['side-bridge/knees-bent', '2x10s/side'], ['all-fours/opposite-short', '2x5/side'], ['press-out/standing', '2x8/side'], ['bridge/short-top', '2x10']);
    }

    private static function left(Session $session, int $target, ?Demand $weakest, ?Item $due = null): ?Warning
    {
        return (new TimeLeft($session, $target, Aim::Even->targets(), Counting::EachSide))->offer($weakest, $due === null ? null : static fn(): Item => $due);
    }

    public function test_minutes_left_go_to_what_is_furthest_below_its_share_where_nobody_knows_the_weakest(): void
    {
        $offer = self::left($this->oneOfEach('3x12'), 1500, null);

        self::assertStringContainsString('left. Lateral is furthest below its share: Side bridge, knees bent at ', $offer->reason->sentence ?? '');
        self::assertNotNull($offer?->repair);
    }

    public function test_the_weakest_demand_may_lose_sets_while_it_is_above_its_share(): void
    {
        $session = $this->session(['press-out/standing', '4x12/side 2-0-2-0'], ['front-plank/forearms-toes', '1x20s']);
        $steps = TimeFit::propose($session, $session->timeline()->totals()->total() - 150, Aim::Even->targets(), Demand::AntiRotation);

        self::assertContains('One set less of “Press-out, standing”.', array_map(static fn($step): string => substr($step->reason->sentence, 0, 42), $steps));
    }

    /** Found by trying: the last step said “still too much” where one set of the largest block would have done. */
    public function test_the_last_step_is_never_still_too_much_when_a_set_of_the_largest_block_would_do(): void
    {
        mt_srand(16);
        for ($round = 0; $round < 120; $round++) {
            $session = $this->straight();
            $items = $session->items();
            $weakest = $items[0]->rung->demand;
            $target = 60 + mt_rand(0, $session->timeline()->totals()->total());
            $steps = TimeFit::propose($session, $target, Aim::Even->targets(), $weakest);
            $last = $steps === [] ? $session : $steps[count($steps) - 1]->session;
            if ($last->timeline()->totals()->total() <= $target) {
                continue;
            }
            foreach ($last->items() as $item) {
                self::assertSame(1, $item->dose->sets(), 'every exercise is down to its last set');
            }
        }
    }

    public function test_of_what_is_picked_from_the_longest_choice_has_to_fit(): void
    {
        mt_srand(23);
        $fitted = 0;
        for ($round = 0; $round < 40; $round++) {
            $session = $this->straight();
            $longest = SessionLength::of($session, 2)->longest;
            self::assertSame([], TimeFit::propose($session, $longest, Aim::Even->targets(), null, picks: 2), 'the longest two fit, whatever all four take');
            $before = $longest;
            foreach (TimeFit::propose($session, intdiv(7 * $longest, 10), Aim::Even->targets(), null, picks: 2) as $step) {
                self::assertLessThan($before, $step->totalSeconds);
                self::assertSame(SessionLength::of($step->session, 2)->longest, $step->totalSeconds);
                self::assertNotContains(true, array_map(static fn(Block $block): bool => $block instanceof Circuit, $step->session->blocks), 'two to pick from are not made one');
                $before = $step->totalSeconds;
            }
            $fitted += (int) ($before <= intdiv(7 * $longest, 10));
            $offer = (new TimeLeft($session, $longest + 40, Aim::Even->targets(), Counting::EachSide, 2))->offer($session->items()[0]->rung->demand);
            self::assertLessThanOrEqual($longest + 40, SessionLength::of($offer?->repair?->appliedTo($session) ?? $session, 2)->longest);
        }
        self::assertGreaterThan(20, $fitted);
    }

    private static function setsOf(Demand $demand, Session $session): int
    {
        return array_sum(array_map(static fn(Item $item): int => $item->rung->demand === $demand ? $item->dose->sets() : 0, $session->items()));
    }

    private function straight(): Session
    {
        $blocks = [];
        for ($number = 0; $number < 4; $number++) {
            $rung = RandomSession::rung();
            $blocks[] = new StraightSets(new Item("i{$number}", $rung, $rung->defaultDose(\EvenRungs\Method\Method::default())->withSets(2)));
        }

        return new Session($blocks);
    }

    private static function named(Session $session, Demand $demand): Item
    {
        return array_values(array_filter($session->items(), static fn(Item $item): bool => $item->rung->demand === $demand))[0];
    }

    /** @return list<FitStep> */
    private function fit(Session $session, int $target, ?Demand $weakest = null): array
    {
        return TimeFit::propose($session, $target, Aim::Even->targets(), $weakest);
    }

    /** @param array{string, string} ...$exercises rung and dose */
    private function session(array ...$exercises): Session
    {
        return new Session(array_values(array_map(static fn(array $exercise): StraightSets => new StraightSets(ShippedLibrary::item($exercise[0], $exercise[1])), $exercises)));
    }
}
