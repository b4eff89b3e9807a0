<?php

declare(strict_types=1);

namespace Tests\Reference;

use EvenRungs\Session\Circuit;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use PHPUnit\Framework\TestCase;
use Tests\Core\ShippedLibrary;

/**
 * Times that practitioners state for sessions and sets (common practice of the trade, no single source;
 * values from memory).
 */
final class CommonPracticeTimesTest extends TestCase
{
    public function test_six_stations_60_on_30_off_twice_are_17_minutes_30(): void
    {
        $stations = array_map(static fn(int $n): Item => ShippedLibrary::item('front-plank/forearms-toes', '2x60s on', "s{$n}"), range(1, 6));

        self::assertSame(17 * 60 + 30, (new Session([Circuit::evenly($stations, 30, 30)]))->timeline()->totals()->total());
    }

    public function test_10_s_on_5_s_off_four_times_is_one_set_of_55_s(): void
    {
        self::assertSame(55, $this->seconds('front-plank/forearms-toes', '1x(4x10s/5)'));
    }

    public function test_eight_reps_at_3_1_3_1_are_64_s(): void
    {
        self::assertSame(64, $this->seconds('front-plank/small-rock', '1x8 3-1-3-1'));
    }

    public function test_a_march_of_7_s_a_side_is_14_s_a_pair(): void
    {
        self::assertSame(14, $this->seconds('all-fours/opposite-short', '1x1/side 1-0-1-5'));
    }

    public function test_ten_bridges_held_10_s_take_more_than_two_minutes_at_the_default_tempo(): void
    {
        self::assertSame(140, $this->seconds('front-plank/small-rock', '1x10 2-0-2-10'));
    }

    /**
     * "Six exercises in six minutes" at the low end of the usual floor doses: even at 2 s a repetition and
     * without one second of rest, the work alone is longer.
     */
    public function test_a_six_exercise_floor_routine_cannot_be_done_in_six_minutes(): void
    {
        $quick = '1-0-1-0';
        $session = new Session([
            // Ladders not shipped yet are stood in for by rungs of the same sides: the clock asks the dose only.
            new StraightSets(ShippedLibrary::item('all-fours/one-arm', "1x10/side {$quick}", 'dead-bug')),
            new StraightSets(ShippedLibrary::item('front-plank/forearms-toes', '2x30s', 'plank')),
            new StraightSets(ShippedLibrary::item('side-bridge/knees-bent', '2x15s/side', 'side')),
            new StraightSets(ShippedLibrary::item('all-fours/opposite-short', "2x10/side {$quick}", 'all-fours')),
            new StraightSets(ShippedLibrary::item('front-plank/small-rock', '2x10 1-0-1-10', 'bridge')),
            new StraightSets(ShippedLibrary::item('press-out/standing', "2x10/side {$quick}", 'press-out')),
        ]);

        self::assertSame(40 + 60 + 60 + 80 + 240 + 80, $session->timeline()->totals()->work);
        self::assertGreaterThan(360, $session->timeline()->totals()->work);
    }

    private function seconds(string $rung, string $line): int
    {
        return (new Session([new StraightSets(ShippedLibrary::item($rung, $line))]))->timeline()->totals()->total();
    }
}
