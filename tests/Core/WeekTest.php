<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Level;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Basis;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use EvenRungs\Session\Part;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use EvenRungs\Week\Agenda;
use EvenRungs\Week\AgendaSlot;
use EvenRungs\Week\AnotherDay;
use EvenRungs\Week\Cell;
use EvenRungs\Week\Clash;
use EvenRungs\Week\Clashes;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\Frequency;
use EvenRungs\Week\OtherTraining;
use EvenRungs\Week\PartTimes;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\SlotContent;
use EvenRungs\Week\Soreness;
use EvenRungs\Week\TrainingKind;
use EvenRungs\Week\WeekEdit;
use EvenRungs\Week\WeekRepairs;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Core sessions among other training: what clashes, what is missing, and what one key does about it. */
final class WeekTest extends TestCase
{
    public function test_another_day_is_the_nearest_later_one_on_which_nothing_new_clashes(): void
    {
        $hard = self::slot('a', '1 evening', effort: 8);
        $week = self::week([$hard, self::slot('b', '5 evening', effort: 8)], [self::other(TrainingKind::Lifting, '2 evening', true)], [1, 2, 3, 5]);

        // Tuesday evening it stands after the lifting; on Thursday 48 hours before Friday are not kept.
        self::assertSame('Move “A” to Tuesday evening, after the training', AnotherDay::for($week, $hard, range(2, 7))?->label);
        self::assertSame('Move “A” to Wednesday evening', AnotherDay::for($week, $hard, range(3, 7))?->label, 'a day on which the person trains before others');
        self::assertNull(AnotherDay::for($week, $hard, [4]), 'a day before the next hard one is none');
        self::assertNull(AnotherDay::for($week, $hard, []), 'on Sunday it is left out of this week');
    }

    /** @return iterable<string, array{string, string, SessionRole, bool, bool}> core cell, training cell, placement, heavy, clashes */
    public static function aroundLifting(): iterable
    {
        yield 'on its own in the same part' => ['2 evening', '2 evening', SessionRole::OwnDay, true, true];
        yield 'as a finisher after it' => ['2 evening', '2 evening', SessionRole::Finisher, true, false];
        yield 'as a primer before it' => ['2 evening', '2 evening', SessionRole::Primer, true, false];
        yield 'in the part before, within six hours' => ['2 midday', '2 evening', SessionRole::OwnDay, true, true];
        yield 'in the morning of a heavy evening' => ['2 morning', '2 evening', SessionRole::OwnDay, true, false];
        yield 'after it' => ['2 evening', '2 morning', SessionRole::OwnDay, true, false];
        yield 'the evening before a heavy morning' => ['1 evening', '2 morning', SessionRole::OwnDay, true, false];
        yield 'before light high-rep work it is allowed' => ['2 midday', '2 evening', SessionRole::OwnDay, false, false];
    }

    #[DataProvider('aroundLifting')]
    public function test_core_work_is_not_done_before_heavy_lifting(string $core, string $lifting, SessionRole $placement, bool $heavy, bool $clashes): void
    {
        $week = self::week([self::slot('a', $core, $placement)], [self::other(TrainingKind::Lifting, $lifting, $heavy)]);

        self::assertSame($clashes, in_array(Rule::WeekBeforeHeavy, self::rules($week), true));
    }

    /** @return iterable<string, array{string, string, SessionRole, bool}> core, heavy lifting, placement, clashes */
    public static function byTheClock(): iterable
    {
        yield 'half an hour before' => ['2 17:30', '2 18:00', SessionRole::OwnDay, true];
        yield 'six hours and a minute before' => ['2 11:59', '2 18:00', SessionRole::OwnDay, false];
        yield 'six hours before to the minute' => ['2 12:00', '2 18:00', SessionRole::OwnDay, true];
        yield 'after it' => ['2 19:00', '2 18:00', SessionRole::Finisher, false];
        yield 'called a finisher, and before it' => ['2 17:30', '2 18:00', SessionRole::Finisher, true];
        yield 'late the evening before an early morning' => ['1 23:30', '2 05:00', SessionRole::OwnDay, true];
        yield 'without a clock time on one side the part of the day counts' => ['2 midday', '2 18:00', SessionRole::OwnDay, true];
        yield 'and two parts apart are far enough' => ['2 morning', '2 18:00', SessionRole::OwnDay, false];
    }

    #[DataProvider('byTheClock')]
    public function test_with_clock_times_six_hours_are_six_hours(string $core, string $lifting, SessionRole $placement, bool $clashes): void
    {
        $week = self::week([self::slot('a', $core, $placement)], [self::other(TrainingKind::Lifting, $lifting, true)]);

        self::assertSame($clashes, in_array(Rule::WeekBeforeHeavy, self::rules($week), true));
    }

    public function test_with_clock_times_48_hours_are_48_hours(): void
    {
        $rules = static fn(string $one, string $next): array => self::rules(self::week([self::slot('a', $one, effort: 7), self::slot('b', $next, effort: 8)]));

        self::assertSame([Rule::WeekRecovery], $rules('1 18:00', '3 07:00'), '37 hours, two dates apart');
        self::assertSame([], $rules('1 07:00', '3 07:00'));
        self::assertSame([Rule::WeekRecovery], $rules('7 18:00', '2 07:00'), 'over the end of the week');
        self::assertSame([], $rules('1 18:00', '3 morning'), 'without two clock times the dates count');
    }

    public function test_two_sessions_of_one_evening_clash_only_where_they_overlap(): void
    {
        $rules = static fn(string $one, string $next): array => self::rules(self::week([self::slot('a', $one), self::slot('b', $next)]));

        self::assertContains(Rule::WeekSameTime, $rules('1 evening', '1 evening'));
        self::assertContains(Rule::WeekSameTime, $rules('1 18:00', '1 18:10'));
        self::assertNotContains(Rule::WeekSameTime, $rules('1 18:00', '1 21:00'));
    }

    public function test_sport_at_a_clock_time_comes_before_core_work_of_the_same_evening(): void
    {
        $sport = [self::other(TrainingKind::Sport, '3 19:00')];

        self::assertContains(Rule::WeekBeforeSport, self::rules(self::week([self::slot('a', '3 18:00')], $sport)));
        self::assertNotContains(Rule::WeekBeforeSport, self::rules(self::week([self::slot('a', '3 21:00')], $sport)));
    }

    public function test_a_calendar_takes_the_clock_time_where_there_is_one(): void
    {
        $monday = Day::parse('2026-06-01');
        $slot = new AgendaSlot('late', 'Floor', [], self::cell('2 17:45'), 20, $monday, null, ['2026-06-08' => self::cell('4 06:15')]);
        $entry = Agenda::of([$slot], [], new PartTimes)[0];

        self::assertSame([17 * 60 + 45, 6 * 60 + 15], [$entry->startMinute, $entry->moved[0]->startMinute]);
        self::assertSame('Tuesday at 17:45', $slot->cell->inWords());
    }

    public function test_26_a_session_placed_as_a_primer_that_breaks_its_limits_is_treated_as_what_it_is(): void
    {
        $lifting = [self::other(TrainingKind::Lifting, '2 evening', true)];
        $of = static fn(int $seconds, int $effort, string ...$tooMuch): CoreSlot => new CoreSlot('p', self::cell('2 evening'), SessionRole::Primer, $effort, new SlotContent('Warm', $seconds, [], [], array_values($tooMuch)));

        self::assertNotContains(Rule::WeekBeforeHeavy, self::rules(self::week([$of(480, 4)], $lifting)));
        foreach ([$of(481, 4), $of(480, 5), $of(480, 4, 'Front plank')] as $slot) {
            self::assertContains(Rule::WeekBeforeHeavy, self::rules(self::week([$slot], $lifting)));
            self::assertContains(Rule::WeekPrimer, self::rules(self::week([$slot], $lifting)));
        }
        $said = array_map(static fn(Clash $clash): string => $clash->reason->sentence, Clashes::in(self::week([$of(1440, 9)], $lifting)));
        self::assertStringContainsString('It is no primer: 24:00 long, at most 8:00; effort 9, at most 4.', $said[0]);
    }

    public function test_sport_comes_first_and_core_last_that_day(): void
    {
        $sport = [self::other(TrainingKind::Sport, '3 evening')];

        self::assertContains(Rule::WeekBeforeSport, self::rules(self::week([self::slot('a', '3 morning')], $sport)));
        self::assertNotContains(Rule::WeekBeforeSport, self::rules(self::week([self::slot('a', '3 morning', SessionRole::Daily, 3)], $sport)), 'easy daily practice');
        self::assertStringContainsString('comes before heavy endurance training that day', Clashes::in(self::week([self::slot('a', '3 morning')], [self::other(TrainingKind::Endurance, '3 evening', true)]))[0]->reason->sentence);
        self::assertNotContains(Rule::WeekBeforeSport, self::rules(self::week([self::slot('a', '3 evening', SessionRole::Finisher)], $sport)));
        self::assertNotContains(Rule::WeekBeforeSport, self::rules(self::week([self::slot('a', '3 morning')], [self::other(TrainingKind::Work, '3 evening')])), 'work is no training');
    }

    public function test_hard_sessions_need_dates_two_apart_also_over_the_end_of_the_week(): void
    {
        // 48 h between sessions for one muscle group: ACSM position stand 2011 (value from memory).
        self::assertSame(Basis::Published, Rule::WeekRecovery->basis());
        self::assertSame([Rule::WeekRecovery], self::rules(self::week([self::slot('a', '7 evening', effort: 7), self::slot('b', '1 morning', effort: 8)])));
        $first = static fn(string ...$cells): string => Clashes::in(self::week(array_map(static fn(string $cell): CoreSlot => self::slot($cell, $cell, effort: 7), array_values($cells))))[0]->reason->sentence;
        self::assertMatchesRegularExpression('/on Sunday evening and .* on Monday morning are both hard/', $first('1 morning', '7 evening'), 'what comes too soon is named second');
        self::assertSame([], self::rules(self::week([self::slot('a', '1 evening', effort: 7), self::slot('b', '3 morning', effort: 8)])));
        self::assertSame([], self::rules(self::week([self::slot('a', '1 evening', effort: 7), self::slot('b', '2 morning', effort: 6)])), 'an easy one may follow');
    }

    public function test_three_days_of_hard_work_running(): void
    {
        $lifting = [self::other(TrainingKind::Lifting, '2 morning', true), self::other(TrainingKind::Lifting, '3 morning', true)];
        $clashes = Clashes::in(self::week([self::slot('a', '4 evening', effort: 7)], $lifting));

        self::assertSame('Hard work 3 days running: Tuesday, Wednesday, Thursday.', $clashes[0]->reason->sentence);
        self::assertSame([], self::rules(self::week([self::slot('a', '4 evening')], $lifting)), 'an easy core session is not hard work');
        $over = Clashes::in(self::week([self::slot('a', '7 evening', effort: 7)], [self::other(TrainingKind::Sport, '1 evening', true), self::other(TrainingKind::Sport, '2 evening', true)]));
        self::assertSame('Hard work 3 days running: Sunday, Monday, Tuesday.', $over[0]->reason->sentence);
    }

    public function test_each_core_demand_twice_with_three_sessions_else_once(): void
    {
        $noBack = ['anti-extension' => 3, 'anti-lateral-flexion' => 2, 'anti-rotation' => 2];
        $clashes = Clashes::in(self::week([self::slot('a', '1 evening', sets: $noBack), self::slot('b', '3 evening', sets: $noBack)]));
        self::assertSame(['Posterior is not met this week; once is the least.'], array_map(static fn(Clash $clash): string => $clash->reason->sentence, $clashes));

        $three = self::week([self::slot('a', '1 evening'), self::slot('b', '3 evening', sets: $noBack), self::slot('c', '5 evening', sets: $noBack)]);
        self::assertSame(2, $three->minimum());
        self::assertSame('Posterior is met once this week; twice is the least.', Clashes::in($three)[0]->reason->sentence);
    }

    public function test_in_an_easier_week_of_a_program_once_is_enough(): void
    {
        $slots = [self::slot('a', '1 evening'), self::slot('b', '3 evening'), self::slot('c', '5 evening')];

        self::assertSame(2, (new CoreWeek($slots))->minimum());
        $easier = new CoreWeek($slots, isEasier: true);
        self::assertSame([1, 1, 1], [$easier->minimum(), $easier->adding(self::slot('d', '6 evening'))->minimum(), $easier->replacing($slots[0])->minimum()], 'whatever is moved in it');
    }

    public function test_a_primer_meets_nothing_and_is_not_one_of_the_three(): void
    {
        $week = self::week(
            [self::slot('a', '1 evening'), self::slot('b', '3 evening'), self::slot('p', '5 evening', SessionRole::Primer, 2)],
            [self::other(TrainingKind::Lifting, '5 evening', true)],
        );

        self::assertSame(1, $week->minimum());
        self::assertSame(2, $week->timesMet(Demand::AntiFlexion));
        self::assertSame([], Clashes::in($week));
    }

    public function test_a_session_gives_the_week_its_sets_but_not_those_of_its_primer_part(): void
    {
        $content = SlotContent::of('Evening', new Session([
            new StraightSets(ShippedLibrary::item('front-plank/forearms-knees', '2x10s r20', 'low'), Part::Primer),
            new StraightSets(ShippedLibrary::item('front-plank/forearms-toes', '3x20s r30', 'plank')),
        ]));

        self::assertSame(3, $content->sets(Demand::AntiExtension));
        self::assertGreaterThan(60, $content->work['anti-extension']);
        self::assertSame(0, SlotContent::of('Empty', null)->seconds);
    }

    public function test_a_primer_or_finisher_needs_training_to_lean_on(): void
    {
        $week = self::week([self::slot('a', '2 evening', SessionRole::Finisher)], [self::other(TrainingKind::Work, '2 evening')]);

        self::assertSame([Rule::WeekLeans], self::rules($week));
        self::assertSame(SessionRole::OwnDay, WeekRepairs::for($week, Clashes::in($week)[0])[0]->edits[0]->placement);
    }

    public function test_the_young_train_few_days_and_not_hard(): void
    {
        $born = array_map(static fn(State $state) => $state->limit(Side::Both, 'age'), State::ofAge(2011, 2026));
        $week = new CoreWeek([self::slot('a', '1 evening', effort: 8), self::slot('b', '2 evening', effort: 5)], limits: $born);
        $rules = self::rules($week);

        self::assertContains(Rule::WeekEffort, $rules);
        self::assertContains(Rule::DaysOfTraining, $rules);
        $lighten = WeekRepairs::for($week, Clashes::in($week)[0]);
        self::assertStringContainsString('Lighten', end($lighten)->label ?? '');
        self::assertLessThanOrEqual(6, end($lighten)->edits[0]->effort ?? 10);
    }

    public function test_other_training_every_second_week(): void
    {
        $shift = new OtherTraining(TrainingKind::Work, false, self::cell('1 morning'), 2, Day::parse('2026-11-25'));

        self::assertTrue($shift->happensIn(Day::parse('2026-11-23')));
        self::assertFalse($shift->happensIn(Day::parse('2026-11-30')));
        self::assertTrue($shift->happensIn(Day::parse('2026-11-09')), 'backwards too');
    }

    public function test_after_a_hard_session_the_trunk_recovers_that_day_and_the_next(): void
    {
        $cells = array_keys(self::week([self::slot('a', '7 midday', effort: 7)])->recovering());

        self::assertSame([0, 1, 2, 20], $cells, 'Sunday evening and all of Monday');
    }

    public function test_the_repair_goes_the_shortest_way_on_a_training_day(): void
    {
        $week = self::week([self::slot('a', '1 evening', effort: 8), self::slot('b', '2 evening', effort: 8)], [], [1, 4, 6]);
        $repairs = WeekRepairs::for($week, Clashes::in($week)[0]);

        self::assertSame('Move “B” to Thursday evening', $repairs[0]->label);
        self::assertSame('Lighten “A” on Monday evening: effort 6', end($repairs)->label ?? '');
    }

    public function test_a_demand_that_is_missing_is_met_by_one_session_more(): void
    {
        $front = ['anti-extension' => 3];
        $week = self::week([self::slot('a', '1 evening'), self::slot('b', '3 evening', sets: $front), self::slot('c', '5 evening')]);
        $clashed = self::week([...$week->slots, self::slot('d', '6 evening', sets: $front)]);
        self::assertSame([], Clashes::in($clashed), 'two sessions meet every demand');

        $lacking = self::week([self::slot('a', '1 evening'), self::slot('b', '3 evening', sets: $front), self::slot('c', '5 evening', sets: $front)]);
        $repair = WeekRepairs::for($lacking, Clashes::in($lacking)[0])[0];
        self::assertTrue($repair->edits[0]->isNew);
        self::assertSame('a', $repair->edits[0]->slot);
    }

    public function test_in_100_made_up_weeks_every_repair_removes_its_clash_and_makes_no_new_one(): void
    {
        mt_srand(6);
        $seen = 0;
        for ($round = 0; $round < 100; $round++) {
            $week = self::random();
            $before = Clashes::in($week);
            foreach ($before as $clash) {
                foreach (WeekRepairs::for($week, $clash) as $repair) {
                    $after = array_map(static fn(Clash $left): string => $left->key(), Clashes::in(self::applied($week, $repair->edits)));
                    self::assertNotContains($clash->key(), $after, $repair->label);
                    self::assertSame([], array_diff($after, array_map(static fn(Clash $left): string => $left->key(), $before)), $repair->label);
                    $seen++;
                }
            }
        }
        self::assertGreaterThan(150, $seen);
    }

    public function test_fourteen_heavy_sessions_are_told_in_as_many_sentences_as_there_are_neighbours(): void
    {
        $slots = [];
        foreach (range(1, 7) as $day) {
            array_push($slots, self::slot("m{$day}", "{$day} morning", effort: 9), self::slot("e{$day}", "{$day} evening", effort: 9));
        }
        $rules = self::rules(self::week($slots));

        self::assertCount(14, array_keys($rules, Rule::WeekRecovery, true));
        self::assertCount(1, array_keys($rules, Rule::WeekThreeDays, true));
    }

    public function test_frequency_follows_method_and_level_beside_the_published_days(): void
    {
        $default = Frequency::of(Method::default(), Level::Beginner, []);
        self::assertSame([2, 3], [$default->low, $default->high]);
        // ACSM progression models 2009: novice 2–3, intermediate 3–4, advanced 4–5 days (values from memory).
        self::assertContains('2–3 days (novice)', array_map(static fn($input): string => $input->value, $default->reason->inputs));

        $daily = Frequency::of(Method::default()->with(Answer::ShortDaily), Level::Beginner, []);
        self::assertSame([5, 7], [$daily->low, $daily->high]);
        $young = Frequency::of(Method::default()->with(Answer::ShortDaily), Level::Beginner, array_map(static fn(State $state) => $state->limit(Side::Both, 'age'), State::ofAge(2011, 2026)));
        self::assertLessThanOrEqual(3, $young->high);
    }

    public function test_what_comes_next_passes_by_what_is_done_left_out_or_away(): void
    {
        $monday = Day::parse('2026-06-01');
        $slots = [
            new AgendaSlot('tuesday', 'Floor', [], new Cell(2, DayPart::Evening), 20, $monday, null, ['2026-06-08' => null]),
            new AgendaSlot('thursday', 'Floor', [], new Cell(4, DayPart::Morning), 20, $monday),
            new AgendaSlot('once', 'Floor', [], new Cell(2, DayPart::Morning), 20, $monday, Day::parse('2026-06-08')),
        ];
        $next = static fn(string $today, string ...$done): ?string => Agenda::next($slots, ['2026-06-04'], Day::parse($today), array_values($done))[0] ?? null;

        self::assertSame('tuesday', $next('2026-06-01'));
        self::assertSame('tuesday', $next('2026-06-02'));
        // Thursday is away, and the usual Tuesday of the week after is left out.
        self::assertSame('once', $next('2026-06-02', 'tuesday'));
        self::assertSame('thursday', $next('2026-06-10'));
        self::assertNull(Agenda::next([], [], $monday, []));
    }

    public function test_a_sore_trunk_asks_for_activation_only(): void
    {
        self::assertNull(Soreness::against(3));
        self::assertSame('Soreness in the trunk 4 of 10 today: activation only, no direct core work.', Soreness::against(4)?->sentence);
    }

    /** @param list<WeekEdit> $edits */
    private static function applied(CoreWeek $week, array $edits): CoreWeek
    {
        foreach ($edits as $edit) {
            $slot = $week->slot($edit->slot);
            self::assertNotNull($slot);
            $changed = new CoreSlot($edit->isNew ? 'again' : $slot->id, $edit->cell, $edit->placement, $edit->effort, $slot->content);
            $week = $edit->isNew ? $week->adding($changed) : $week->replacing($changed);
        }

        return $week;
    }

    private static function random(): CoreWeek
    {
        $demands = array_map(static fn(Demand $demand): string => $demand->value, Demand::everyWeek());
        $slots = $other = [];
        foreach (range(1, mt_rand(1, 5)) as $number) {
            $sets = array_fill_keys(array_filter($demands, static fn(): bool => mt_rand(0, 3) > 0), 2);
            $slots[] = new CoreSlot("s{$number}", Cell::week()[mt_rand(0, 20)], SessionRole::cases()[mt_rand(0, 3)], mt_rand(3, 9), new SlotContent("S{$number}", 900, $sets, []));
        }
        foreach (range(1, mt_rand(1, 5)) as $number) {
            $other[] = new OtherTraining(TrainingKind::cases()[mt_rand(0, 3)], mt_rand(0, 1) === 1, Cell::week()[mt_rand(0, 20)]);
        }

        return new CoreWeek($slots, $other, [1, 3, 5]);
    }

    /**
     * @param list<CoreSlot>      $slots
     * @param list<OtherTraining> $other
     * @param list<int>           $days
     */
    private static function week(array $slots, array $other = [], array $days = [1, 2, 3, 4, 5, 6, 7]): CoreWeek
    {
        return new CoreWeek($slots, $other, $days);
    }

    /** @param array<string, int>|null $sets by demand; the four of every week when null */
    private static function slot(string $id, string $cell, SessionRole $placement = SessionRole::OwnDay, int $effort = 6, ?array $sets = null): CoreSlot
    {
        $sets ??= array_fill_keys(array_map(static fn(Demand $demand): string => $demand->value, Demand::everyWeek()), 2);

        $isPrimer = $placement === SessionRole::Primer;

        return new CoreSlot($id, self::cell($cell), $placement, $isPrimer ? min($effort, 4) : $effort, new SlotContent(strtoupper($id), $isPrimer ? 400 : 900, $sets, []));
    }

    private static function other(TrainingKind $kind, string $cell, bool $heavy = false): OtherTraining
    {
        return new OtherTraining($kind, $heavy, self::cell($cell));
    }

    private static function cell(string $words): Cell
    {
        [$day, $part] = explode(' ', $words);

        return str_contains($part, ':') ? Cell::at((int) $day, DayPart::Morning, $part) : new Cell((int) $day, DayPart::from($part));
    }

    /** @return list<Rule> */
    private static function rules(CoreWeek $week): array
    {
        return array_map(static fn(Clash $clash): Rule => $clash->reason->rule, Clashes::in($week));
    }
}
