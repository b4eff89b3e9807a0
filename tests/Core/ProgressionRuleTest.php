<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\Morning;
use EvenRungs\Progress\ProgressionRule;
use EvenRungs\Progress\Proposal;
use EvenRungs\Progress\RungSession;
use EvenRungs\Progress\SetLog;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Gate and decision. The rung has a band of 10–12 and is done in two sets; the first session is on day 0,
 * the second on the day given. Worked figure 18 of the rules is the first table.
 */
final class ProgressionRuleTest extends TestCase
{
    private const RUNG = 'press-out/standing';

    /** @return iterable<string, array{list<SetLog>, list<SetLog>, int, Decision}> */
    public static function workedFigures(): iterable
    {
        $clean = [self::set(12), self::set(12)];
        yield '12, 12 clean, effort 7, twice, day 7' => [$clean, $clean, 7, Decision::Climb];
        yield 'the same on day 6' => [$clean, $clean, 6, Decision::Stay];
        yield 'effort 8' => [$clean, [self::set(12), self::set(12, effort: 8)], 7, Decision::Stay];
        yield 'a fault in the last set only' => [$clean, [self::set(12), self::set(12, fault: true)], 7, Decision::Stay];
        yield 'a fault in both sets' => [$clean, [self::set(12, fault: true), self::set(12, fault: true)], 7, Decision::StepDown];
        yield 'a fault in the first set' => [$clean, [self::set(12, fault: true), self::set(12)], 7, Decision::StepDown];
        yield 'pain 4' => [$clean, [self::set(12), self::set(12, pain: 4)], 7, Decision::StepDown];
        yield 'pain 6' => [$clean, [self::set(12), self::set(12, pain: 6)], 7, Decision::StopLadder];
        yield 'a second pain above 5 within 28 days' => [[self::set(12), self::set(12, pain: 6)], [self::set(12), self::set(12, pain: 6)], 28, Decision::Refer];
        yield 'the same 29 days apart' => [[self::set(12), self::set(12, pain: 6)], [self::set(12), self::set(12, pain: 6)], 29, Decision::StopLadder];
        yield 'pain 2 keeps the dose' => [$clean, [self::set(12), self::set(12, pain: 2)], 7, Decision::Stay];
        yield 'pain that travels' => [$clean, [new SetLog([12], self::ticks(), 1, 6, travellingPain: true)], 7, Decision::StopLadder];
        yield 'one rep short of the top' => [$clean, [self::set(12), self::set(11)], 7, Decision::Stay];
        yield 'the low end missed once' => [$clean, [self::set(12), self::set(9)], 7, Decision::Stay];
        yield 'the low end missed at two sessions running' => [[self::set(9), self::set(9)], [self::set(12), self::set(9)], 7, Decision::StepDown];
        yield 'the pain number is missing' => [$clean, [self::set(12), new SetLog([12], self::ticks(), null, 6)], 7, Decision::Stay];
        yield 'a form answer is missing' => [$clean, [self::set(12), new SetLog([12], [], 0, 6)], 7, Decision::Stay];
        yield 'a set was not logged' => [$clean, [self::set(12)], 7, Decision::Stay];
        yield 'one side is missing' => [$clean, [self::set(12), new SetLog([12, null], self::ticks(), 0, 6)], 7, Decision::Stay];
        yield 'the weaker side counts' => [$clean, [new SetLog([12, 12], self::ticks(), 0, 6), new SetLog([12, 11], self::ticks(), 0, 6)], 7, Decision::Stay];
        yield 'refer before stop, stop before step down' => [$clean, [self::set(12, fault: true), self::set(12, fault: true, pain: 7)], 7, Decision::StopLadder];
    }

    /**
     * @param list<SetLog> $first
     * @param list<SetLog> $second
     */
    #[DataProvider('workedFigures')]
    public function test_what_the_rules_propose(array $first, array $second, int $day, Decision $choice): void
    {
        self::assertSame($choice, $this->propose([$this->session(0, $first), $this->session($day, $second)], $day)->choice);
    }

    public function test_who_stood_on_a_rung_longer_than_is_looked_at_stood_there_so_many_days_or_more(): void
    {
        $sessions = array_map(fn(int $day): RungSession => $this->session($day, [self::set(12), self::set(12)], sequence: $day + 1), range(0, 23));
        $days = static fn(Proposal $proposal): string => $proposal->gate->conditions[5]->reason->sentence;

        self::assertSame('22 days on this rung.', $days($this->propose(array_slice($sessions, 0, 23), 22)));
        self::assertSame('23 days or more on this rung.', $days($this->propose($sessions, 23)));
    }

    public function test_a_climb_goes_to_the_next_rung_and_gives_each_condition(): void
    {
        $clean = [self::set(12), self::set(12)];
        $proposal = $this->propose([$this->session(0, $clean), $this->session(7, $clean)], 7);

        self::assertSame('press-out/split-stance', $proposal->to?->slug);
        self::assertCount(7, $proposal->reasons);
        self::assertSame(100, $proposal->gate->progressPercent());
    }

    public function test_who_came_down_from_the_next_rung_climbs_to_it_again_with_more_in_reserve(): void
    {
        $next = fn(SetLog ...$sets): RungSession => $this->session(0, array_values($sets), sequence: 1, rung: 'press-out/split-stance');
        $mark = fn(int $effort, int $later = 0): array => array_map(fn(int $day): RungSession => $this->session($day + $later, [self::set(12, effort: $effort), self::set(12, effort: $effort)], sequence: 3 + $day), [2, 9]);
        $propose = fn(int $day, RungSession ...$log): Proposal => $this->propose(array_values($log), $day, since: 2);
        $broke = $next(self::set(8, fault: true), self::set(8, fault: true));
        $waiting = $propose(9, $broke, ...$mark(6));

        self::assertSame([Decision::Stay, [Rule::GateReserve], 99], [$waiting->choice, array_map(static fn($reason): Rule => $reason->rule, $waiting->reasons), $waiting->gate->progressPercent()]);
        self::assertSame('“Press-out, split stance” was too much on Monday 1 June: this time with effort at most 5 at the mark; it was 6.', $waiting->reasons[0]->sentence);
        self::assertSame(Decision::Climb, $propose(9, $broke, ...$mark(5))->choice);
        self::assertSame([Rule::GateReserve], array_map(static fn($reason): Rule => $reason->rule, $propose(9, $next(self::set(10, effort: 9), self::set(10, effort: 9)), ...$mark(6))->reasons), 'effort above one’s own limit was too much, too');
        self::assertSame(Decision::Climb, $propose(57, $broke, ...$mark(6, later: 48))->choice, 'more than eight weeks ago');
        self::assertSame(Decision::Climb, $propose(9, $next(self::set(10, pain: 4), self::set(10)), ...$mark(6))->choice, 'it was pain that led down, and that has its own rule');
        self::assertSame(Decision::Climb, $propose(9, $this->session(0, $broke->sets, sequence: 1, rung: 'press-out/feet-together'), ...$mark(6))->choice, 'a rung further up says nothing of the next');
    }

    public function test_where_only_sets_are_missing_time_after_time_the_gate_says_what_leads_on(): void
    {
        $one = fn(int $day, int $done = 12): RungSession => $this->session($day, [self::set($done)], sequence: $day + 1, dose: '1x12/side');
        $says = fn(RungSession ...$log): string => $this->propose(array_values($log), 14)->gate->conditions[0]->reason->sentence;

        self::assertSame('1 of 2 sets; to leave the rung: 2 sets of 12 repetitions.', $says($one(0)));
        self::assertSame('1 of 2 sets; to leave the rung: 2 sets of 12 repetitions. 3 sessions running each set was there, and only sets are missing: sessions with all of them, or a climb test, lead on.', $says($one(0), $one(3), $one(7)));
        self::assertSame('11 of 12 in the weakest set; to leave the rung: 2 sets of 12 repetitions.', $says($one(0), $one(3), $one(7, done: 11)));
    }

    public function test_staying_names_the_day_on_which_the_gate_is_free(): void
    {
        $clean = [self::set(12), self::set(12)];
        $proposal = $this->propose([$this->session(0, $clean), $this->session(5, $clean)], 5);

        self::assertSame([Rule::GateDays], array_map(static fn($reason) => $reason->rule, $proposal->reasons));
        self::assertStringContainsString('free on Monday 8 June', $proposal->reasons[0]->sentence);
    }

    public function test_two_sessions_on_one_date_are_one_session(): void
    {
        $clean = [self::set(12), self::set(12)];

        self::assertSame(Decision::Stay, $this->propose([$this->session(0, $clean), $this->session(0, $clean)], 20)->choice);
    }

    public function test_pain_on_one_exercise_of_a_ladder_is_not_hidden_by_another_one_of_the_same_day(): void
    {
        $easier = $this->session(7, [self::set(12)], rung: 'press-out/tall-kneeling');
        $hurts = static fn(int $pain): array => [self::set(12, pain: $pain), self::set(12)];

        self::assertSame(Decision::StepDown, $this->propose([$this->session(7, $hurts(4)), $easier], 7)->choice);
        self::assertSame(Decision::StopLadder, $this->propose([$this->session(7, $hurts(7)), $easier], 7)->choice);
    }

    public function test_two_exercises_of_one_day_are_one_quiet_session_after_pain(): void
    {
        $clean = [self::set(12), self::set(12)];
        $easier = static fn(self $test, int $day): RungSession => $test->session($day, [self::set(12)], rung: 'press-out/tall-kneeling');
        $hurt = $this->session(0, [self::set(12, pain: 4), self::set(12)]);
        $log = [$hurt, $this->session(8, $clean), $easier($this, 8), $this->session(16, $clean)];

        self::assertSame(Decision::Stay, $this->propose(array_slice($log, 0, 3), 8, Method::default()->with(Answer::AsSoonAsClean))->choice);
        self::assertSame(Decision::Climb, $this->propose($log, 16)->choice);
    }

    public function test_a_bad_next_morning_stops_the_ladder_after_a_clean_session(): void
    {
        $clean = [self::set(12), self::set(12)];
        $session = $this->session(7, $clean, new Morning(3, worse: true));

        $proposal = $this->propose([$this->session(0, $clean), $session], 8);

        self::assertSame(Decision::StopLadder, $proposal->choice);
        self::assertSame(Rule::PainMorning, $proposal->reasons[0]->rule);
    }

    public function test_after_pain_of_3_to_5_two_quiet_sessions_come_before_a_climb(): void
    {
        $method = Method::default()->with(Answer::AsSoonAsClean);
        $clean = [self::set(12), self::set(12)];
        $sore = $this->session(-4, [self::set(12, pain: 4)], sequence: -1);

        self::assertSame(Decision::Stay, $this->propose([$sore, $this->session(0, $clean)], 1, $method)->choice);
        self::assertSame(Decision::Climb, $this->propose([$sore, $this->session(0, $clean), $this->session(2, $clean)], 2, $method)->choice);
    }

    public function test_with_one_set_the_first_fault_stays_and_the_second_running_steps_down(): void
    {
        $fault = [self::set(12, fault: true)];
        $one = fn(int $day): RungSession => $this->session($day, $fault, dose: '1x10/side');

        self::assertSame(Decision::Stay, $this->propose([$one(0)], 0)->choice);
        self::assertSame(Decision::StepDown, $this->propose([$one(0), $one(3)], 3)->choice);
    }

    public function test_what_was_logged_before_the_placing_does_not_open_the_gate(): void
    {
        $clean = [self::set(12), self::set(12)];

        self::assertSame(Decision::Stay, $this->propose([$this->session(0, $clean, sequence: -1), $this->session(7, $clean)], 7)->choice);
    }

    public function test_nothing_logged_stays(): void
    {
        $proposal = $this->propose([], 7);

        self::assertSame(Decision::Stay, $proposal->choice);
        self::assertSame(0, $proposal->gate->progressPercent());
    }

    public function test_below_the_lowest_rung_range_and_assistance_are_what_is_left(): void
    {
        $fault = [self::set(10, fault: true), self::set(10, fault: true)];
        $proposal = ProgressionRule::propose(
            ShippedLibrary::get()->ladder('press-out'),
            ShippedLibrary::rung('press-out/seated'),
            0,
            [$this->session(0, $fault, rung: 'press-out/seated')],
            Method::default(),
            $this->everything(),
            Day::parse('2026-06-01'),
        );

        self::assertNull($proposal->to);
        self::assertStringContainsString('reduce the range', $proposal->reasons[1]->sentence);
    }

    public function test_more_support_is_never_what_a_limit_rules_out(): void
    {
        $plank = ShippedLibrary::rung('front-plank/forearms-toes');
        $set = new SetLog([30], self::ticks(), 0, 6, felt: Felt::LowBack);
        $log = array_map(static fn(int $day): RungSession => new RungSession(Day::parse('2026-06-01')->plusDays($day), $plank, DoseLine::parse('2x30s', $plank->sidedness), [$set, $set], $day + 1), [0, 3, 7]);
        $says = static fn(Limit ...$limits): string => ProgressionRule::propose(ShippedLibrary::get()->ladder('front-plank'), $plank, 0, $log, Method::default(), new Circumstances(array_values($limits), Kit::cases(), Method::default()), Day::parse('2026-06-08'))->reasons[0]->sentence;

        self::assertStringEndsWith('more support, put the knees down and go on.', $says());
        self::assertStringEndsWith('more support, “Front plank, forearms on a low step”.', $says(State::KneelingPain->limit(Side::Both)));
    }

    public function test_a_climb_skips_rungs_that_are_ruled_out(): void
    {
        $clean = [self::set(12), self::set(12)];
        $log = [$this->session(0, $clean, rung: 'press-out/tall-kneeling'), $this->session(7, $clean, rung: 'press-out/tall-kneeling')];
        $proposal = ProgressionRule::propose(
            ShippedLibrary::get()->ladder('press-out'),
            ShippedLibrary::rung('press-out/tall-kneeling'),
            0,
            $log,
            Method::default(),
            new Circumstances([State::KneelingPain->limit(Side::Both)], [Kit::Band], Method::default()),
            Day::parse('2026-06-08'),
        );

        self::assertSame('press-out/standing-short', $proposal->to?->slug);
    }

    public function test_the_target_missed_twice_steps_down_where_no_lighter_dose_is_left(): void
    {
        $rung = ShippedLibrary::rung('head-lift/elbows-up');
        $propose = static fn(int $done, string $line, int $effort = 7): Proposal => ProgressionRule::propose(ShippedLibrary::get()->ladder('head-lift'), $rung, 0, array_map(static fn(int $day): RungSession => new RungSession(Day::parse('2026-06-01')->plusDays($day), $rung, DoseLine::parse($line, $rung->sidedness), [self::set(3), self::set(3), self::set($done, effort: $effort)], $day + 1), [0, 3]), Method::default(), new Circumstances([], Kit::cases(), Method::default()), Day::parse('2026-06-04'));

        $down = $propose(2, '3x3s');
        self::assertSame([Decision::StepDown, 'head-lift/both-hands'], [$down->choice, $down->to?->slug]);
        self::assertSame('The target was missed at two sessions running, and no lighter dose is left on this rung.', $down->reasons[0]->sentence);
        self::assertSame(Decision::Stay, $propose(3, '3x3s')->choice);
        self::assertSame('The low end was too much again, as on Monday 1 June: less than that is a lower rung.', $propose(3, '3x3s', effort: 9)->reasons[0]->sentence, 'reached, but at an effort above one’s own limit');
        $lighter = ProgressionRule::propose(ShippedLibrary::get()->ladder('front-plank'), ShippedLibrary::rung('front-plank/forearms-knees'), 0, array_map(static fn(int $day): RungSession => new RungSession(Day::parse('2026-06-01')->plusDays($day), ShippedLibrary::rung('front-plank/forearms-knees'), DoseLine::parse('2x40s', ShippedLibrary::rung('front-plank/forearms-knees')->sidedness), [self::set(40), self::set(35)], $day + 1), [0, 3]), Method::default(), new Circumstances([], Kit::cases(), Method::default()), Day::parse('2026-06-04'));
        self::assertSame(Decision::Stay, $lighter->choice, 'a lighter dose comes first');
    }

    public function test_on_the_lowest_rung_nobody_is_told_that_less_is_a_lower_one(): void
    {
        $rung = ShippedLibrary::rung('head-lift/one-hand-check');
        $log = array_map(static fn(int $day): RungSession => new RungSession(Day::parse('2026-06-01')->plusDays($day), $rung, DoseLine::parse('2x2s', $rung->sidedness), [self::set(2, effort: 9), self::set(2, effort: 9)], $day + 1), [0, 3]);
        $down = ProgressionRule::propose(ShippedLibrary::get()->ladder('head-lift'), $rung, 0, $log, Method::default(), $this->everything(), Day::parse('2026-06-04'));

        self::assertNull($down->to);
        self::assertSame('The low end was too much again, as on Monday 1 June.', $down->reasons[0]->sentence);
        self::assertStringStartsWith('There is no lower open rung here', $down->reasons[1]->sentence ?? '');
    }

    public function test_a_low_end_that_is_too_much_again_is_a_lower_rung_though_less_of_it_goes_well(): void
    {
        $did = fn(int $day, int $reps, int $effort, ?int $done = null): RungSession => $this->session($day, [self::set($done ?? $reps, effort: $effort), self::set($done ?? $reps, effort: $effort)], sequence: $day + 1, dose: "2x{$reps}/side");
        $less = [$did(2, 8, 6), $did(5, 8, 5)];
        $choice = fn(RungSession ...$log): Decision => $this->propose(array_values($log), 60)->choice;
        $down = $this->propose([$did(0, 10, 9), ...$less, $did(9, 10, 8)], 9);

        self::assertSame([Decision::StepDown, 'press-out/standing-short'], [$down->choice, $down->to?->slug]);
        self::assertSame('The low end was too much again, as on Monday 1 June: less than that is a lower rung.', $down->reasons[0]->sentence);
        self::assertSame(Decision::Stay, $choice($did(0, 10, 9), ...$less), 'less of it first');
        self::assertSame(Decision::Stay, $choice($did(0, 10, 9), ...[...$less, $did(9, 10, 6), $did(12, 10, 8)]), 'mastered in between');
        self::assertSame(Decision::Stay, $choice($did(0, 10, 9), ...[...$less, $did(58, 10, 8)]), 'more than eight weeks ago');
        self::assertSame(Decision::Stay, $choice($did(0, 12, 9), ...[...$less, $did(9, 12, 8)]), 'from the top of the band it comes down to the low end');
        self::assertSame(Decision::Stay, $choice($did(0, 10, 9), ...[...$less, $did(9, 10, 8, done: 12)]), 'more was done than was asked');
    }

    public function test_a_load_comes_down_before_the_rung_does(): void
    {
        $carry = ShippedLibrary::rung('carry/one-side-light');
        $choice = fn(string $dose): Decision => ProgressionRule::propose(
            ShippedLibrary::get()->ladder('carry'),
            $carry,
            0,
            array_map(static fn(int $day): RungSession => new RungSession(Day::parse('2026-06-01')->plusDays($day), $carry, DoseLine::parse($dose, $carry->sidedness), [self::set(10, effort: 9), self::set(10, effort: 9)], $day + 1), [0, 3]),
            Method::default(),
            $this->everything(),
            Day::parse('2026-06-04'),
        )->choice;

        self::assertSame([Decision::Stay, Decision::StepDown], [$choice('2x10m/side @12kg'), $choice('2x10m/side')]);
    }

    /** @param list<RungSession> $log */
    private function propose(array $log, int $day, ?Method $method = null, int $since = 0): Proposal
    {
        return ProgressionRule::propose(
            ShippedLibrary::get()->ladder('press-out'),
            ShippedLibrary::rung(self::RUNG),
            $since,
            $log,
            $method ?? Method::default(),
            $this->everything(),
            Day::parse('2026-06-01')->plusDays($day),
        );
    }

    public function test_after_pain_two_sessions_at_0_to_2_are_enough_and_a_session_of_which_nothing_was_told_asks_for_no_more(): void
    {
        $low = [self::set(10), self::set(10)];
        $atTheMark = [self::set(12), self::set(12)];
        $untold = new SetLog([10], [], null, null);
        $hurt = [$this->session(0, [self::set(10, pain: 4), self::set(10)], sequence: 1), $this->session(2, $low, sequence: 2)];
        $marks = [$this->session(10, $atTheMark, sequence: 4, dose: '2x12/side'), $this->session(12, $atTheMark, sequence: 5, dose: '2x12/side')];

        $quick = Method::default()->with(Answer::AsSoonAsClean);
        self::assertSame('After pain of 3 to 5, no climb until two sessions at 0 to 2.', $this->propose([$hurt[0], $marks[0]], 12, $quick)->reasons[0]->sentence);
        self::assertSame(Decision::Climb, $this->propose([$this->session(0, [$untold, $untold], sequence: 1), $marks[0]], 12, $quick)->choice, 'nothing ever hurt');
        self::assertSame(Decision::Climb, $this->propose([...$hurt, $this->session(4, $low, sequence: 3), $this->session(6, [$untold, $untold], sequence: 6), $marks[0]], 12, $quick)->choice, 'two were without pain before');
        self::assertSame(Decision::Stay, $this->propose([$hurt[0], $this->session(4, [$untold, $untold], sequence: 3), $marks[0]], 12, $quick)->choice, 'what was not told is not one of the two');
        self::assertSame(Decision::Climb, $this->propose([$hurt[0], ...$marks], 12, $quick)->choice);
    }

    /** @param list<SetLog> $sets */
    private function session(int $day, array $sets, ?Morning $morning = null, int $sequence = 1, string $dose = '2x10/side', string $rung = self::RUNG): RungSession
    {
        $on = ShippedLibrary::rung($rung);

        return new RungSession(Day::parse('2026-06-01')->plusDays($day), $on, DoseLine::parse($dose, $on->sidedness), $sets, $sequence, $morning);
    }

    private function everything(): Circumstances
    {
        return new Circumstances([], Kit::cases(), Method::default());
    }

    private static function set(int $done, bool $fault = false, int $pain = 0, int $effort = 7): SetLog
    {
        return new SetLog([$done], [...self::ticks(), FormQuestion::BackAndPelvis->value => ! $fault], $pain, $effort);
    }

    /** @return array<string, bool> */
    private static function ticks(): array
    {
        return array_fill_keys(array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()), true);
    }
}
