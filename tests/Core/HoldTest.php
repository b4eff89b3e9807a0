<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Assessment\Age;
use EvenRungs\Assessment\Hold;
use EvenRungs\Assessment\HoldEnd;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Assessment\HoldReport;
use EvenRungs\Assessment\InvalidHold;
use EvenRungs\Assessment\Retest;
use EvenRungs\Body\Sex;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\Rescreen;
use EvenRungs\Screening\State;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Timed holds: what is taken, what is noted, and what is only noise. */
final class HoldTest extends TestCase
{
    /** @return iterable<string, array{HoldKind, Side, int, string}> */
    public static function impossible(): iterable
    {
        yield 'no time at all' => [HoldKind::FrontPlank, Side::Both, 0, 'A hold of 0 s is no hold'];
        yield 'three hours' => [HoldKind::FrontPlank, Side::Both, 10_800, 'is stopped at 600 s; 10800 s cannot be right'];
        yield 'past the extensor cap' => [HoldKind::BackExtensor, Side::Both, 241, 'is stopped at 240 s'];
        yield 'a side plank on both sides' => [HoldKind::SidePlank, Side::Both, 30, 'left and right, one after the other'];
        yield 'a left front plank' => [HoldKind::FrontPlank, Side::Left, 30, 'has no left and right'];
    }

    #[DataProvider('impossible')]
    public function test_what_cannot_be_gets_a_sentence(HoldKind $kind, Side $side, int $seconds, string $sentence): void
    {
        $this->expectException(InvalidHold::class);
        $this->expectExceptionMessage($sentence);

        Hold::of($kind, $side, $seconds, HoldEnd::FormLost, Day::parse('2026-06-01'), 1);
    }

    public function test_last_best_and_the_one_before_are_kept_apart(): void
    {
        $standing = $this->report([[HoldKind::FrontPlank, Side::Both, 40], [HoldKind::FrontPlank, Side::Both, 62], [HoldKind::FrontPlank, Side::Both, 55]])->standings[0];

        self::assertSame([55, 62, 62], [$standing->last->seconds, $standing->best->seconds, $standing->before?->seconds]);
        self::assertNull($standing->norm, 'no norm for the front plank');
        self::assertStringContainsString('only the own history counts', $standing->reason->sentence);
    }

    public function test_without_sex_there_is_no_norm_and_the_reason_says_what_would_change_that(): void
    {
        $standing = $this->report([[HoldKind::BackExtensor, Side::Both, 120]], sex: null)->standings[0];

        self::assertNull($standing->norm);
        self::assertStringContainsString('say which group', $standing->reason->sentence);
        self::assertNotNull($standing->reason->wouldChange);
    }

    public function test_a_change_within_the_noise_of_the_test_is_called_that(): void
    {
        // Men, extensor: SD 51, r 0.97 → 24.5 s.
        self::assertStringContainsString('within the 24 s', $this->change(100, 124));
        self::assertStringContainsString('more than the 24 s', $this->change(100, 125));
        self::assertStringContainsString('−30 s since the last test: more than', $this->change(130, 100));
    }

    /** @return iterable<string, array{int, int, Sex|null, bool, bool}> left, right, sex, note, flag */
    public static function sides(): iterable
    {
        yield 'exactly 5 % is not noted' => [95, 100, Sex::Male, false, false];
        yield 'just over 5 % is noted, but is noise' => [94, 100, Sex::Male, true, false];
        // Men: the left’s SD of 35 gives 16.8 s.
        yield '16 s is still noise' => [84, 100, Sex::Male, true, false];
        yield '17 s is a flag' => [83, 100, Sex::Male, true, true];
        yield 'no group known: exactly 10 % is only a note' => [90, 100, null, true, false];
        yield 'no group known: 11 % is a flag' => [100, 89, null, true, true];
    }

    #[DataProvider('sides')]
    public function test_left_and_right_are_noted_above_5_percent_and_flagged_beyond_noise(int $left, int $right, ?Sex $sex, bool $note, bool $flag): void
    {
        $report = $this->report([[HoldKind::SidePlank, Side::Left, $left], [HoldKind::SidePlank, Side::Right, $right]], $sex);

        self::assertCount($note ? 1 : 0, $report->notes);
        self::assertSame($flag, $report->flagged);
        if ($flag) {
            self::assertStringContainsString('start one-sided sets with the '.($left < $right ? 'left' : 'right'), $report->notes[0]->sentence);
        }
    }

    public function test_ratios_are_notes_above_their_limits_and_never_verdicts(): void
    {
        $holds = static fn(int $flexor, int $side): array => [[HoldKind::BackExtensor, Side::Both, 100], [HoldKind::TrunkFlexor, Side::Both, $flexor], [HoldKind::SidePlank, Side::Left, $side], [HoldKind::SidePlank, Side::Right, $side]];

        self::assertSame([], $this->report($holds(100, 75))->notes);
        $notes = $this->report($holds(101, 76))->notes;
        self::assertSame([Rule::HoldRatio, Rule::HoldRatio, Rule::HoldRatio], array_map(static fn(Reason $note): Rule => $note->rule, $notes));
        self::assertStringContainsString('1.01, above 1.00', $notes[0]->sentence);
        self::assertStringContainsString('not a verdict', $notes[0]->sentence);
    }

    public function test_a_limit_rules_out_the_hold_that_loads_it_on_the_side_it_loads(): void
    {
        $left = State::ShoulderPain->limit(Side::Left);

        self::assertNotNull(HoldKind::SidePlank->objection($left, Side::Left));
        self::assertNull(HoldKind::SidePlank->objection($left, Side::Right));
        self::assertNotNull(HoldKind::FrontPlank->objection($left, Side::Both));
        self::assertNull(HoldKind::OneLegBridge->objection($left, Side::Left));
        self::assertNotNull(HoldKind::OneLegBridge->objection(State::RaisedPressure->limit(Side::Both), Side::Left), 'no hold to the end with raised pressure');
        self::assertSame('“One-leg bridge” is not tested: hamstring cramp in bridges; it goes beyond “no hold over 5 s in hip work”.', HoldKind::OneLegBridge->objection(State::HamstringCramp->limit(Side::Both), Side::Left)?->sentence);
        self::assertNull(HoldKind::FrontPlank->objection(State::HamstringCramp->limit(Side::Both), Side::Both));
        self::assertNotNull(HoldKind::TrunkFlexor->objection(State::BackWorseBending->limit(Side::Both), Side::Both));
        self::assertNotNull(HoldKind::BackExtensor->objection(State::BackWorseArching->limit(Side::Both), Side::Both));
    }

    public function test_the_side_that_held_less_is_tested_first_and_a_ruled_out_one_not_at_all(): void
    {
        $report = $this->report([[HoldKind::SidePlank, Side::Left, 40], [HoldKind::SidePlank, Side::Right, 30]]);

        self::assertSame([Side::Right, Side::Left], $report->inTurn(HoldKind::SidePlank, []));
        self::assertSame([Side::Left, Side::Right], $report->inTurn(HoldKind::OneLegBridge, []), 'neither tested yet: left first');
        self::assertSame([Side::Left], $report->inTurn(HoldKind::SidePlank, [State::ShoulderPain->limit(Side::Right)]));
        self::assertSame([], $report->inTurn(HoldKind::FrontPlank, [State::ShoulderPain->limit(Side::Right)]));
        self::assertSame([Side::Both], $report->inTurn(HoldKind::TrunkFlexor, []));
    }

    public function test_a_retest_is_due_from_four_weeks_and_overdue_after_six(): void
    {
        $today = Day::parse('2026-06-29');

        self::assertNull(Retest::due($today, null));
        self::assertNull(Retest::due($today, $today->plusDays(-27)));
        self::assertFalse(Retest::due($today, $today->plusDays(-28))?->overdue);
        self::assertFalse(Retest::due($today, $today->plusDays(-42))?->overdue);
        self::assertTrue(Retest::due($today, $today->plusDays(-43))?->overdue);
    }

    public function test_danger_signs_are_asked_again_after_twelve_weeks(): void
    {
        $today = Day::parse('2026-06-29');

        self::assertNotNull(Rescreen::due($today, null));
        self::assertNull(Rescreen::due($today, $today->plusDays(-83)));
        self::assertStringContainsString('12 weeks ago', Rescreen::due($today, $today->plusDays(-84))->sentence ?? '');
    }

    private function change(int $before, int $now): string
    {
        $standing = $this->report([[HoldKind::BackExtensor, Side::Both, $before], [HoldKind::BackExtensor, Side::Both, $now]])->standings[0];

        return $standing->change->sentence ?? '';
    }

    /** @param list<array{HoldKind, Side, int}> $holds in the order they were done */
    private function report(array $holds, ?Sex $sex = Sex::Male): HoldReport
    {
        $done = [];
        foreach ($holds as $index => [$kind, $side, $seconds]) {
            $done[] = Hold::of($kind, $side, $seconds, HoldEnd::FormLost, Day::parse('2026-06-01'), $index);
        }
        shuffle($done);

        return HoldReport::of($done, $sex, Age::inYear(2000, 2026));
    }
}
