<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Side;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Cue;
use EvenRungs\Session\InvalidSession;
use EvenRungs\Session\Item;
use EvenRungs\Session\Segment;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Time of sets, blocks and sessions; the numbered cases are the worked figures of the rules. */
final class ClockTest extends TestCase
{
    private const PLANK = 'front-plank/forearms-toes';

    private const SIDE = 'side-bridge/knees-bent';

    private const PRESS = 'press-out/standing';

    private const REACH = 'all-fours/opposite-short';

    private const HELD = 'all-fours/opposite-held';

    private const SAW = 'front-plank/small-rock';

    /** @return iterable<string, array{string, string, int, int}> rung, dose, total, work */
    public static function exercises(): iterable
    {
        yield '3: three sets of four short holds' => [self::PLANK, '3x(4x10s/5) r30', 225, 120];
        yield '4: falling sets of 6, 5 and 4 holds' => [self::PLANK, '(6-5-4x10s/5) r30', 270, 150];
        yield '5: three sets of eight at 3-1-3-1' => [self::SAW, '3x8 3-1-3-1 r60', 312, 192];
        yield '6: one-sided, twelve each side' => [self::PRESS, '3x12/side 2-1-2-3 r45', 681, 576];
        yield '10: two minutes gathered from bouts of 45' => [self::PLANK, '1x(120s by 45s/30)', 180, 120];
        yield 'a one-sided set of ten at 3-1-3-1' => [self::PRESS, '1x10/side 3-1-3-1', 165, 160];
        yield 'alternating reps count for both sides, without a side change' => [self::REACH, '1x10/side 2-0-2-0', 80, 80];
        yield 'alternating holds take the sides in turn with a gap between any two' => [self::HELD, '1x(4x10s/5)/side', 115, 80];
        yield 'one-sided holds' => [self::SIDE, '2x(2x10s/5)/side r45', 2 * (2 * 25 + 5) + 45, 80];
        yield 'the rest left out is the default for short holds' => [self::PLANK, '3x(4x10s/5)', 225, 120];
        yield 'the rest left out is the default for a capped hold' => [self::PLANK, '2x30s', 105, 60];
        yield 'the rest left out is the default for a long hold' => [self::PLANK, '2x45s', 150, 90];
        yield 'an open set counts its estimate' => [self::SAW, '1xmax~20<=30 2-0-2-0', 80, 80];
        yield 'one set has no rest' => [self::PLANK, '1x30s r90', 30, 30];
    }

    #[DataProvider('exercises')]
    public function test_an_exercise_takes_its_time(string $rung, string $dose, int $total, int $work): void
    {
        $totals = $this->straight($rung, $dose)->timeline()->totals();

        self::assertSame($total, $totals->total());
        self::assertSame($work, $totals->work);
    }

    public function test_7_a_one_side_carry_counts_its_turns_as_work(): void
    {
        // The carry ladder ships later; the clock asks the dose only.
        $totals = $this->straight(self::SIDE, '3x20m/side r60')->timeline()->totals();

        self::assertSame(267, $totals->total());
        self::assertSame(132, $totals->work);
    }

    public function test_8_a_one_sided_station_of_60_s_is_27_s_a_side(): void
    {
        $timeline = $this->straight(self::SIDE, '60s on')->timeline();

        self::assertSame([27, 5, 27, 1], array_map(static fn(Segment $segment): int => $segment->seconds, $timeline->segments));
        self::assertSame([54, 1, 5], [$timeline->totals()->work, $timeline->totals()->rest, $timeline->totals()->changeOver]);
    }

    public function test_1_six_stations_of_60_on_and_30_off_twice_take_17_30(): void
    {
        $session = new Session([Circuit::evenly($this->stations(6, '2x60s on'), 30, 30)]);

        self::assertSame(1050, $session->timeline()->totals()->total());
        self::assertSame(720, $session->timeline()->totals()->work);
    }

    public function test_2_six_stations_with_two_gaps_cannot_be_done_in_six_minutes(): void
    {
        $session = new Session([new Circuit($this->stations(6, '60s on'), [0, 30, 0, 30, 0], 0)]);

        self::assertSame(420, $session->timeline()->totals()->total());
    }

    public function test_9_two_stations_as_a_circuit_and_as_straight_sets(): void
    {
        $a = ShippedLibrary::item(self::SAW, '3x8 3-1-3-1 r45', 'a');
        $b = ShippedLibrary::item('press-out/standing', '3x5/side 2-1-2-0 r45', 'b');

        self::assertSame(3 * 134 + 90, (new Session([Circuit::evenly([$a, $b], 15, 45)]))->timeline()->totals()->total());
        // In straight sets the change-over comes in: here the band has to be fetched (30 s), or only the position changes (20 s).
        self::assertSame(282 + 255 + 30, (new Session([new StraightSets($a), new StraightSets($b)]))->timeline()->totals()->total());
        $c = ShippedLibrary::item(self::SIDE, '3x25s/side r45', 'c');
        self::assertSame(282 + 255 + 20, (new Session([new StraightSets($a), new StraightSets($c)]))->timeline()->totals()->total());
    }

    public function test_a_station_with_fewer_sets_leaves_the_circuit_early(): void
    {
        $session = new Session([Circuit::evenly([
            ShippedLibrary::item(self::PLANK, '3x20s', 'a'),
            ShippedLibrary::item(self::SAW, '1x10 1-0-1-0', 'b'),
        ], 15, 40)]);

        // Round 1: 20 + 15 + 20; rounds 2 and 3: the plank alone.
        self::assertSame(55 + 40 + 20 + 40 + 20, $session->timeline()->totals()->total());
    }

    public function test_the_change_over_is_the_largest_that_applies(): void
    {
        $seconds = fn(string $from, string $to): int => (new Session([
            new StraightSets(ShippedLibrary::item($from, '1x10s', 'a')),
            new StraightSets(ShippedLibrary::item($to, '1x10s', 'b')),
        ]))->timeline()->totals()->changeOver;

        self::assertSame(10, $seconds(self::PLANK, 'front-plank/forearms-knees'), 'same position and kit');
        self::assertSame(20, $seconds(self::PLANK, 'front-plank/hands-toes'), 'another position');
        self::assertSame(30, $seconds(self::PLANK, 'front-plank/forearms-low-step'), 'a step to fetch');
    }

    public function test_work_rest_and_change_over_add_up_to_the_total(): void
    {
        $session = new Session([
            new StraightSets(ShippedLibrary::item(self::PLANK, '3x(4x10s/5) r30')),
            Circuit::evenly([ShippedLibrary::item(self::SIDE, '2x20s/side'), ShippedLibrary::item(self::PRESS, '3x10/side')], 20, 30),
        ]);
        $timeline = $session->timeline();
        $totals = $timeline->totals();

        self::assertSame($totals->total(), $totals->work + $totals->rest + $totals->changeOver);
        self::assertSame($totals->total(), array_sum(array_map(static fn(Segment $segment): int => $segment->seconds, $timeline->segments)));
        self::assertSame(intdiv(100 * $totals->work * 2 + $totals->total(), 2 * $totals->total()), $totals->densityPercent());
    }

    public function test_the_weaker_side_begins(): void
    {
        $timeline = (new Session([new StraightSets(ShippedLibrary::item(self::SIDE, '1x20s/side', 'a', Side::Right))]))->timeline();

        self::assertSame([Side::Right, Side::Left, Side::Left], array_map(static fn(Segment $segment): Side => $segment->side, $timeline->segments));
    }

    public function test_a_session_without_exercises_is_refused(): void
    {
        $this->expectException(InvalidSession::class);
        $this->expectExceptionMessage('at least one exercise');

        new Session([]);
    }

    public function test_the_player_gets_each_second_of_the_clock_and_one_form_check_a_set(): void
    {
        $session = new Session([
            new StraightSets(ShippedLibrary::item(self::PLANK, '2x(3x10s/5) r30')),
            new StraightSets(ShippedLibrary::item(self::PRESS, '2x10/side 2-1-2-0')),
        ]);
        $cues = Cue::all($session->timeline()->segments);

        self::assertSame($session->timeline()->totals()->total(), array_sum(array_map(static fn($cue): int => $cue->seconds, $cues)));
        self::assertCount(4, array_filter($cues, static fn($cue): bool => $cue->endsSet));
    }

    public function test_the_player_starts_a_repetition_with_the_phase_the_rung_starts_with(): void
    {
        $words = static fn(Item $item): array => array_map(
            static fn($phase): string => "{$phase->word} {$phase->seconds}",
            Cue::all((new Session([new StraightSets($item)]))->timeline()->segments)[0]->phases,
        );

        self::assertSame(['reach 1', 'hold 3', 'back 1'], $words(ShippedLibrary::item(self::REACH, '1x5')));
        self::assertSame(['out 2', 'hold 1', 'back 2'], $words(ShippedLibrary::item(self::PRESS, '1x5/side 2-1-2-0')));
    }

    private function straight(string $rung, string $dose): Session
    {
        return new Session([new StraightSets(ShippedLibrary::item($rung, $dose))]);
    }

    /** @return non-empty-list<Item> */
    private function stations(int $count, string $dose): array
    {
        return array_map(static fn(int $number): Item => ShippedLibrary::item(self::PLANK, $dose, "s{$number}"), range(1, max(1, $count)));
    }
}
