<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Calendar\Day;
use EvenRungs\Load\ActiveTime;
use EvenRungs\Load\LoadAhead;
use EvenRungs\Load\LoadReport;
use EvenRungs\Load\SessionLoad;
use EvenRungs\Load\WeekLoad;
use EvenRungs\Reason\Basis;
use EvenRungs\Reason\Rule;
use EvenRungs\Week\Cell;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\PlannedLoad;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\SlotContent;
use PHPUnit\Framework\TestCase;

/** Load, monotony and strain as published; figures 15 and 16 of the rules. */
final class LoadTest extends TestCase
{
    public function test_16_effort_6_for_25_30_is_153(): void
    {
        self::assertEqualsWithDelta(153.0, SessionLoad::of(Day::parse('2026-06-01'), [6, 6, 6], 1530)->load, 1e-9);
    }

    public function test_15_the_worked_week(): void
    {
        // Daily loads 200, 0, 150, 0, 240, 0, 0. Formulas: Foster 1998 and Foster et al. 2001; values worked by hand.
        $week = self::week([200, 0, 150, 0, 240, 0, 0]);

        self::assertEqualsWithDelta(590.0, $week->total, 1e-9);
        self::assertEqualsWithDelta(0.778, $week->monotony, 0.0005);
        self::assertEqualsWithDelta(459.2, $week->strain, 0.05);
        self::assertSame('Seven days of core work: 590 in all, monotony 0.78, strain 459.', $week->reason->sentence);
        self::assertSame('84.29', $week->reason->inputs[1]->value);
        self::assertSame('108.30', $week->reason->inputs[2]->value);
        self::assertSame(Basis::Published, $week->reason->rule->basis());
    }

    public function test_where_every_day_is_the_same_there_is_no_monotony(): void
    {
        foreach ([array_fill(0, 7, 0), array_fill(0, 7, 100)] as $daily) {
            self::assertNull(self::week($daily)->monotony);
            self::assertNull(self::week($daily)->strain);
        }
    }

    public function test_two_sessions_of_a_day_add_up_and_days_outside_do_not_count(): void
    {
        $first = Day::parse('2026-06-01');
        $week = WeekLoad::from($first, [self::load('2026-06-01', 100), self::load('2026-06-01', 50), self::load('2026-05-31', 999), self::load('2026-06-08', 999), self::load('2026-06-07', 10)]);

        self::assertSame([150.0, 0.0, 0.0, 0.0, 0.0, 0.0, 10.0], $week->daily);
    }

    public function test_missing_effort_or_time_is_not_zero_and_is_said(): void
    {
        $day = Day::parse('2026-06-01');
        self::assertNull(SessionLoad::of($day, [null, null], 600)->load);
        self::assertNull(SessionLoad::of($day, [6], null)->load);
        self::assertEqualsWithDelta(50.0, SessionLoad::of($day, [4, null, 6], 600)->load, 1e-9, 'the mean of what was told');

        $week = WeekLoad::from($day, [SessionLoad::of($day, [], 600), self::load('2026-06-02', 70)]);
        self::assertSame(1, $week->unknown);
        self::assertEqualsWithDelta(70.0, $week->total, 1e-9);
        self::assertStringContainsString('one session without effort or time', implode(' ', array_map(static fn($input): string => $input->value, $week->reason->inputs)));
    }

    public function test_a_rise_of_more_than_a_fifth_over_the_heaviest_of_four_weeks_is_noted(): void
    {
        $report = static fn(float $last): LoadReport => LoadReport::upTo(Day::parse('2026-06-28'), [self::load('2026-06-05', 100), self::load('2026-06-12', 200), self::load('2026-06-19', 150), self::load('2026-06-26', $last)]);

        self::assertNull($report(240)->rise, 'a fifth is not more than a fifth');
        self::assertStringContainsString('are 25 % above the heaviest', (string) $report(250)->rise?->sentence);
        self::assertNull(LoadReport::upTo(Day::parse('2026-06-28'), [self::load('2026-06-26', 300)])->rise, 'the first week has nothing to rise above');
        // One short session, then a whole week: 2 000 % above says nothing yet.
        self::assertNull(LoadReport::upTo(Day::parse('2026-06-28'), [self::load('2026-06-19', 10), self::load('2026-06-26', 210)])->rise);
    }

    public function test_the_report_ends_today_and_has_eight_weeks(): void
    {
        $report = LoadReport::upTo(Day::parse('2026-06-28'), [self::load('2026-06-28', 80)]);

        self::assertCount(8, $report->weeks);
        self::assertSame('2026-06-22', $report->weeks[7]->first->iso());
        self::assertEqualsWithDelta(80.0, $report->weeks[7]->daily[6], 1e-9);
        self::assertFalse($report->isEmpty());
        self::assertTrue(LoadReport::upTo(Day::parse('2026-06-28'), [])->isEmpty());
    }

    /** @param list<int> $daily */
    private static function week(array $daily): WeekLoad
    {
        $first = Day::parse('2026-06-01');

        return WeekLoad::from($first, array_map(static fn(int $load, int $day): SessionLoad => SessionLoad::of($first->plusDays($day), [$load], 60), $daily, array_keys($daily)));
    }

    private static function load(string $day, float $load): SessionLoad
    {
        return SessionLoad::of(Day::parse($day), [1], (int) (60 * $load));
    }

    public function testThePlanAheadIsMeasuredLikeWhatWasDoneAndASteepRiseIsNoted(): void
    {
        $today = Day::parse('2026-06-07');
        $behind = LoadReport::upTo($today, [SessionLoad::of(Day::parse('2026-05-27'), [6], 1400), SessionLoad::of(Day::parse('2026-06-03'), [6], 1500)]);
        // 140 and 150 behind; ahead 150 in the first week and 190 in the second, 27 % more than the heaviest before.
        $planned = [SessionLoad::of(Day::parse('2026-06-10'), [6], 1500), SessionLoad::of(Day::parse('2026-06-15'), [6], 1900)];
        $ahead = LoadAhead::of($behind, $today, $planned);

        self::assertSame([150.0, 190.0, 0.0, 0.0], array_map(static fn(WeekLoad $week): float => $week->total, $ahead->weeks));
        self::assertSame('2026-06-08', $ahead->weeks[0]->first->iso());
        self::assertStringContainsString('planned 27 % above the heaviest', (string) $ahead->rise?->sentence);
        self::assertTrue(LoadAhead::of($behind, $today, [])->isEmpty());
    }

    public function test_the_same_week_again_is_no_rise_where_it_felt_easier_than_planned(): void
    {
        $done = array_map(static fn(string $day): SessionLoad => SessionLoad::of(Day::parse($day), [3, 3], 1200), ['2026-06-01', '2026-06-04', '2026-06-08', '2026-06-11']);
        $week = new CoreWeek(array_map(static fn(int $day): CoreSlot => new CoreSlot("s{$day}", new Cell($day, DayPart::Evening), SessionRole::OwnDay, 6, new SlotContent('Floor', 1200, [], [])), [1, 4]));
        $behind = static fn(SessionLoad ...$loads): array => LoadReport::upTo(Day::parse('2026-06-14'), array_values($loads))->weeks;

        self::assertTrue(PlannedLoad::of($week, $behind(...$done))->tooMuch, 'told efforts against planned ones');
        $same = PlannedLoad::of($week, $behind(...array_map(static fn(SessionLoad $load): SessionLoad => $load->atLeast(6), $done)));
        self::assertSame([0, false], [$same->risePercent, $same->tooMuch]);
        self::assertSame([60.0, null], [SessionLoad::of(Day::parse('2026-06-01'), [9], 400)->atLeast(6)->load, SessionLoad::of(Day::parse('2026-06-01'), [], 400)->atLeast(6)->load], 'harder counts as told, and missing is not zero');
        $first = PlannedLoad::of($week, $behind($done[0]));
        self::assertNull($first->risePercent, 'one week is nothing to compare with');
        self::assertStringContainsString('fewer than two have training', $first->reason->sentence);
    }

    public function test_a_log_that_stays_open_over_lunch_is_no_training(): void
    {
        // One set in the morning, the page found open an hour later: 3 601 s by the clock on the wall.
        self::assertSame(60, ActiveTime::of([0, 20, 60, 3601]));
        self::assertSame(300, ActiveTime::of([0, ActiveTime::LONGEST_GAP]));
        self::assertSame(0, ActiveTime::of([0, ActiveTime::LONGEST_GAP + 1]));
        self::assertSame(60, ActiveTime::of([60, 0, 30]), 'two tabs tell their moments in any order');
        self::assertNull(ActiveTime::of([]));
        self::assertNull(ActiveTime::of([12]));
    }

    public function test_a_time_far_from_what_is_written_is_asked_about(): void
    {
        self::assertNull(ActiveTime::odd(300, 600));
        self::assertNull(ActiveTime::odd(1200, 600));
        self::assertSame('Counted: 4 min 59 s of training; as written these sets take 10 min.', ActiveTime::odd(299, 600)?->sentence);
        self::assertSame('Counted: 20 min 1 s of training; as written these sets take 10 min.', ActiveTime::odd(1201, 600)?->sentence);
        $unknown = ActiveTime::odd(null, 45);
        self::assertSame('How long it took is not known; as written these sets take 45 s.', $unknown?->sentence);
        self::assertSame(Rule::ActiveTime, $unknown->rule);
    }
}
