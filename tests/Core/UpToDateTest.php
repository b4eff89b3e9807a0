<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Balance\FitStep;
use EvenRungs\Balance\TimeFit;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\MoreAtStations;
use EvenRungs\Person\NotedLimit;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\ProgramAtHand;
use EvenRungs\Person\Safety;
use EvenRungs\Person\SessionStart;
use EvenRungs\Person\StoodThen;
use EvenRungs\Person\UpToDate;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\NextDose;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use EvenRungs\Session\Item;
use EvenRungs\Session\Part;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\Template;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Session\WrittenSession;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\Plan;
use EvenRungs\Week\PlannedSlot;
use EvenRungs\Week\SessionRole;
use PHPUnit\Framework\TestCase;

/** What was written before, on the rungs and doses of today, Monday 15 June 2026 (our own choice; the doses are those of rules §6). */
final class UpToDateTest extends TestCase
{
    public function test_a_rung_the_person_has_not_climbed_to_or_stepped_down_from_gives_way_to_the_working_rung(): void
    {
        $now = self::now(['front-plank/tight-plank 4x(3x10s/5)'], stands: ['front-plank/forearms-toes']);

        self::assertSame(['front-plank/forearms-toes 4x(2x10s/5)'], self::lines($now), 'with its own first dose, in as many sets');
        self::assertSame('“Front plank, forearms and toes” in place of “Tight front plank, elbows drawn to the toes”: the working rung by now.', $now->changes['front-plank']->sentence);
        self::assertSame(Rule::UpToDate, $now->changes['front-plank']->rule);
    }

    public function test_where_the_working_rung_is_ruled_out_what_is_above_it_gives_way_to_what_stands_in(): void
    {
        // The low step is not there any more; the plank on the toes stands above it and needs nothing.
        $now = self::now(['front-plank/forearms-toes 4x10s'], stands: ['front-plank/forearms-low-step'], kit: [Kit::Mat]);

        self::assertSame('front-plank/forearms-knees', $now->blocks[0]->items[0]->rung);
        self::assertSame('“Front plank, forearms, knees down” in place of “Front plank, forearms and toes”: it stands in for the working rung, “Front plank, forearms on a low step”, which is ruled out.', $now->changes['front-plank']->sentence);
        self::assertSame([], self::now(['front-plank/forearms-knees 4x20s'], stands: ['front-plank/forearms-low-step'], kit: [Kit::Mat])->changes);
    }

    public function test_what_stands_in_goes_on_beyond_its_mark_since_no_gate_leads_away_from_it(): void
    {
        $line = 'front-plank/forearms-knees 3x(6x10s/5)';
        $next = static fn(Kit ...$kit): NextDose => self::record(['front-plank/forearms-low-step'], [$line], 4, array_values($kit))->doses()->next()['front-plank/forearms-knees'];

        $standsIn = $next(Kit::Mat);
        self::assertSame(['4x(5x10s/5)', true], [DoseLine::print($standsIn->dose), $standsIn->rises]);
        self::assertStringContainsString('since no higher rung is open', $standsIn->reason->sentence);
        self::assertSame('3x(6x10s/5)', DoseLine::print($next(...Kit::cases())->dose), 'below an open working rung it waits');
    }

    public function test_so_does_one_that_was_left_upward_since(): void
    {
        self::assertSame(['side-bridge/hip-dips 3x3/side'], self::lines(self::now(['side-bridge/top-foot-front 3x20s/side'], stands: ['side-bridge/top-foot-front', 'side-bridge/hip-dips'])));
    }

    public function test_what_works_another_way_on_purpose_and_what_one_of_two_sides_stands_on_stays(): void
    {
        self::assertSame([], self::now(['all-fours/leg-held 3x10s/side'], stands: ['all-fours/leg-lift'])->changes, 'held work stands in for a lift');
        self::assertSame(['all-fours/opposite-short 3x5/side'], self::lines(self::now(['all-fours/leg-lift 3x6/side'], stands: ['all-fours/opposite-short'])), 'the same way of working does not');
        self::assertSame([], self::now(['press-out/standing-held 2x10s/side'], stands: ['press-out/split-stance'])->changes, 'held work standing stands in for moving work standing');
        $apart = ['side-bridge/knees-bent left', 'side-bridge/top-leg-straight right'];
        self::assertSame([], self::now(['side-bridge/knees-bent 2x10s/side'], stands: $apart)->changes);
        self::assertSame([], self::now(['side-bridge/top-leg-straight 2x10s/right'], stands: $apart)->changes, 'the stronger side alone');
        self::assertSame(['side-bridge/knees-bent 2x10s/side'], self::lines(self::now(['side-bridge/top-leg-straight 2x10s/side'], stands: $apart)), 'both together go by the weaker');
    }

    public function test_how_far_each_repetition_goes_is_a_part_of_the_dose(): void
    {
        $wheel = ['rollout/wheel-30'];
        self::assertSame([], self::now(['rollout/wheel-30 2x5 30cm'], stands: $wheel)->changes, 'less on purpose');
        $wider = self::now(['rollout/wheel-30 2x6 30cm'], stands: ['rollout/wheel-30 both 45cm']);
        self::assertSame(['rollout/wheel-30 2x6 45cm'], self::lines($wider));
        self::assertStringNotContainsString('in place of', $wider->changes['rollout']->sentence);
        self::assertSame([], self::now(['rollout/wheel-30 2x6 30cm'], stands: ['rollout/wheel-30 both 45cm'], isEasier: true)->changes);
        self::assertSame(['rollout/wheel-30 2x6 30cm'], self::lines(self::now(['rollout/wheel-30 2x6 60cm'], stands: $wheel, isEasier: true)));
    }

    public function test_of_a_station_over_more_of_the_way_than_somebody_could_less_of_the_way_is_left(): void
    {
        $circuit = [new WrittenBlock(true, [new WrittenItem('a', 'rollout/wheel-30', '2x6 60cm'), new WrittenItem('b', 'bridge/short-top', '2x10')], [0])];
        $record = self::record(['rollout/wheel-30', 'bridge/short-top'], ['rollout/wheel-30 2x6 45cm'], 9, Kit::cases());

        self::assertSame(['rollout/wheel-30 2x4 45cm', 'bridge/short-top 2x10'], self::lines(UpToDate::of($circuit, $record)));
    }

    public function test_what_is_lower_on_purpose_stays_until_the_person_stands_elsewhere_than_when_it_was_written(): void
    {
        $here = self::record(['all-fours/opposite-short'], [], 6, Kit::cases());
        $easy = StoodThen::on([self::block('all-fours/leg-lift 3x6/side')], $here, 50);
        self::assertSame('all-fours/opposite-short', $easy[0]->items[0]->stood);
        self::assertSame([], UpToDate::of($easy, $here)->changes, 'as from a template for a first day');

        $higher = self::record(['all-fours/opposite-short', 'all-fours/soft-pad'], [], 6, Kit::cases());
        self::assertSame('all-fours/soft-pad', UpToDate::of($easy, $higher)->blocks[0]->items[0]->rung);
        self::assertSame('all-fours/opposite-short', StoodThen::on([self::block('all-fours/leg-lift 2x5/side')], $higher, 60, $easy)[0]->items[0]->stood, 'saved again it is what it was');
        self::assertSame('all-fours/soft-pad', StoodThen::on([self::block('all-fours/kickback 2x5/side')], $higher, 60, $easy)[0]->items[0]->stood);

        $back = self::record(['all-fours/leg-lift', 'all-fours/soft-pad'], [], 6, Kit::cases());
        self::assertSame([], UpToDate::of(StoodThen::on([self::block('all-fours/leg-lift 2x5/side')], $back, 50), $back)->changes, 'nor is somebody told of what they had gone past before');
        self::assertSame('all-fours/soft-pad', UpToDate::of($easy, $back)->blocks[0]->items[0]->rung);

        $varied = self::record(['carry/two-hand-overhead'], [], 6, Kit::cases());
        self::assertSame([], UpToDate::of(StoodThen::on([self::block('carry/one-side-overhead 3x15m/side')], $varied, 50), $varied)->changes, 'a variation as high as that');

        $before = [WrittenBlock::read(['kind' => 'straight', 'items' => [['id' => 'all-fours', 'rung' => 'all-fours/leg-lift', 'dose' => '3x6/side']]])];
        self::assertSame('all-fours/opposite-short', UpToDate::of(StoodThen::on($before, $here, 50, $before), $here)->blocks[0]->items[0]->rung, 'of sessions kept before it is not known where somebody stood');
    }

    public function test_what_stood_in_gives_way_once_the_working_rung_is_open_again(): void
    {
        $stands = ['front-plank/forearms-low-step', 'press-out/standing'];
        $without = self::record($stands, [], 6, [Kit::Mat]);
        $written = StoodThen::on([self::block('front-plank/forearms-knees 3x10s')], $without, 50);

        self::assertSame([], UpToDate::of($written, $without)->changes);
        self::assertSame('front-plank/forearms-low-step', UpToDate::of($written, self::record($stands, [], 6, Kit::cases()))->blocks[0]->items[0]->rung);
    }

    public function test_what_was_too_much_the_last_time_comes_in_no_more_sets_than_then(): void
    {
        $hard = ['press-out/standing 2x10/side'];
        self::assertSame(['press-out/standing 2x8/side'], self::lines(self::now(['press-out/standing 4x10/side'], ['press-out/standing'], $hard, effort: 9)));
        self::assertSame(['press-out/standing 1x8/side'], self::lines(self::now(['press-out/standing 1x10/side'], ['press-out/standing'], $hard, effort: 9)), 'fewer stay');
        self::assertSame(['press-out/standing 4x12/side'], self::lines(self::now(['press-out/standing 4x10/side'], ['press-out/standing'], $hard)), 'after a clean one as many as were written');
    }

    /** What is due is lighter than the last time, and still more than the easy session that was written. */
    public function test_what_is_less_than_the_lighter_dose_that_is_due_stays(): void
    {
        self::assertSame(['press-out/standing 2x5/side'], self::lines(self::now(['press-out/standing 2x5/side'], ['press-out/standing'], ['press-out/standing 2x10/side'], effort: 9)));
    }

    public function test_by_the_clock_the_rung_gives_way_and_the_seconds_stay(): void
    {
        $now = self::now(['front-plank/tight-plank 2x35s on r25'], stands: ['front-plank/forearms-toes']);

        self::assertSame(['front-plank/forearms-toes 2x35s on r25'], self::lines($now));
        self::assertSame(Rule::UpToDate, $now->changes['front-plank']->rule);
        self::assertSame([], self::now(['front-plank/forearms-knees 2x35s on'], stands: ['front-plank/forearms-toes'])->changes, 'what is easier is so on purpose');
        self::assertSame(['shoulder-girdle/wall-reach 2x35s on'], self::lines(self::now(['shoulder-girdle/push-away-knees 2x35s on'], stands: ['shoulder-girdle/wall-reach'])), 'side by side or together');
    }

    public function test_a_dose_takes_its_step_in_as_many_sets_as_were_written(): void
    {
        $now = self::now(['front-plank/forearms-toes 4x(2x10s/5) r40'], stands: ['front-plank/forearms-toes'], done: ['front-plank/forearms-toes 2x(2x10s/5)']);

        self::assertSame(['front-plank/forearms-toes 4x(3x10s/5) r40'], self::lines($now), 'a rest written by hand stays');
        self::assertStringContainsString('one more short hold after a clean 2x(2x10s/5)', $now->changes['front-plank']->sentence);
    }

    public function test_at_the_mark_it_has_as_many_sets_as_count_there(): void
    {
        $stands = ['front-plank/forearms-toes'];
        $done = ['front-plank/forearms-toes 3x(3x10s/5)'];

        self::assertSame(['front-plank/forearms-toes 3x(4x10s/5)'], self::lines(self::now(['front-plank/forearms-toes 2x(3x10s/5)'], stands: $stands, done: $done)), 'three sets of four is what the rung is left at');
        self::assertSame(['front-plank/forearms-toes 2x(3x10s/5)'], self::lines(self::now(['front-plank/forearms-toes 2x(4x10s/5)'], stands: $stands, done: $done, isEasier: true)));
    }

    public function test_a_set_is_its_step_where_the_mark_asks_for_more_than_were_written(): void
    {
        $line = 'front-plank/forearms-knees 2x(6x10s/5)';

        self::assertSame(['front-plank/forearms-knees 3x(5x10s/5)'], self::lines(self::now([$line], stands: ['front-plank/forearms-knees'], done: [$line])));
    }

    public function test_a_set_more_that_the_minutes_do_not_hold_is_what_was_done_last_and_not_less(): void
    {
        $line = 'front-plank/forearms-knees 2x(6x10s/5) r30';
        $record = self::record(['front-plank/forearms-knees'], [$line], 6, Kit::cases());
        $now = UpToDate::of([self::block($line)], $record);

        self::assertSame(['front-plank/forearms-knees 3x(5x10s/5) r30'], self::lines($now));
        self::assertSame([$line], self::lines($now->within(230, $record)));
        self::assertSame(['front-plank/forearms-knees 1x(6x10s/5) r30'], self::lines($now->within(100, $record)));
    }

    public function test_beyond_the_mark_a_set_more_with_less_in_each_is_no_step_where_the_sets_are_written(): void
    {
        $line = 'all-fours/knees-hover 3x8/side';
        $next = self::record(['all-fours/knees-hover'], [$line], 6, [])->doses()->next()['all-fours/knees-hover'];

        self::assertSame(['4x7/side', true], [DoseLine::print($next->dose), $next->rises], 'no higher rung is open: a set is added, from a smaller target');
        self::assertSame([], self::now([$line], stands: ['all-fours/knees-hover'], done: [$line], kit: [])->changes);
    }

    public function test_minutes_that_take_a_step_of_one_more_set_leave_what_was_done_last(): void
    {
        $line = 'all-fours/knees-hover 3x8/side';
        $record = self::record(['all-fours/knees-hover'], [$line], 6, []);
        $session = new Session([new StraightSets(ShippedLibrary::item('all-fours/knees-hover', '4x7/side r45'))]);
        $fit = static fn(int $seconds): array => array_map(static fn(FitStep $step): string => DoseLine::print($step->session->items()[0]->dose), TimeFit::propose($session, $seconds, Aim::Even->targets(), null, inFewer: $record->doses()->inFewer(...)));

        $whole = $session->timeline()->totals()->total();
        self::assertSame(['4x7/side r30', '3x8/side r30', '2x8/side r30'], $fit(intdiv($whole, 2)), 'never 3x7, which is less than the last time');
    }

    public function test_after_an_easier_day_the_step_is_that_of_the_whole_one(): void
    {
        $done = ['bridge/short-top 3x8', 'bridge/short-top 2x8'];

        self::assertSame(['bridge/short-top 2x10'], self::lines(self::now(['bridge/short-top 2x8'], stands: ['bridge/short-top'], done: $done)));
    }

    public function test_what_stood_in_for_the_working_rung_gives_way_to_it_once_it_is_mastered(): void
    {
        $held = static fn(string $done): array => self::lines(self::now(['all-fours/leg-held 2x15s/side'], stands: ['all-fours/leg-lift'], done: ["all-fours/leg-held {$done}"]));

        self::assertSame(['all-fours/leg-held 2x15s/side'], $held('2x10s/side'));
        self::assertSame(['all-fours/leg-lift 2x6/side'], $held('2x20s/side'));
    }

    public function test_what_was_written_ahead_of_what_was_done_comes_back_to_it_and_less_on_purpose_stays(): void
    {
        $ahead = static fn(string $written): UpToDate => self::now([$written], stands: ['side-bridge/knees-bent'], done: ['side-bridge/knees-bent 2x5s/side'], effort: 9);

        self::assertSame(['side-bridge/knees-bent 2x5s/side'], self::lines($ahead('side-bridge/knees-bent 2x20s/side')));
        $less = self::now(['bridge/short-top 1x6'], stands: ['bridge/short-top'], done: ['bridge/short-top 2x12']);
        self::assertSame([], $less->changes, 'an easier day that somebody wrote');
        self::assertSame(['bridge/short-top 1x12'], self::lines(self::now(['bridge/short-top 1x6'], stands: ['bridge/short-top'], done: ['bridge/short-top 2x12'], isPlanned: true)), 'a plan nobody has looked at is not');
    }

    public function test_in_an_easier_week_nothing_rises_and_what_is_less_stays_less(): void
    {
        $easier = static fn(string $written): array => self::lines(self::now([$written], stands: ['bridge/short-top'], done: ['bridge/short-top 2x8'], isPlanned: true, isEasier: true));

        self::assertSame(['bridge/short-top 1x8'], $easier('bridge/short-top 1x12'));
        self::assertSame(['bridge/short-top 1x6'], $easier('bridge/short-top 1x6'));
        $stands = ['side-bridge/top-foot-front', 'side-bridge/hip-dips'];
        self::assertSame([], self::now(['side-bridge/top-foot-front 2x20s/side'], stands: $stands, isPlanned: true, isEasier: true)->changes, 'nor is a rung new in it');
        self::assertSame(['side-bridge/hip-dips 2x3/side'], self::lines(self::now(['side-bridge/top-knee-bench 2x6/side'], stands: $stands, isPlanned: true, isEasier: true)), 'one that is too high gives way');
    }

    public function test_circuits_primers_work_by_the_clock_and_what_is_fixed_do_not_rise(): void
    {
        $record = self::record(['front-plank/forearms-toes', 'bridge/short-top'], ['front-plank/forearms-toes 2x10s', 'bridge/short-top 2x8'], 6, Kit::cases());
        $items = [new WrittenItem('front-plank', 'front-plank/forearms-toes', '2x10s'), new WrittenItem('bridge', 'bridge/short-top', '2x8')];
        self::assertCount(2, UpToDate::of(array_map(WrittenBlock::straight(...), $items), $record)->changes, 'in sets they do');
        foreach ([new WrittenBlock(true, $items, [15, 15], 30), WrittenBlock::straight($items[0], Part::Primer), WrittenBlock::straight(new WrittenItem('front-plank', 'front-plank/forearms-toes', '2x30s on'))] as $block) {
            self::assertSame([], UpToDate::of([$block], $record)->changes);
        }
        self::assertSame([], UpToDate::of(array_map(WrittenBlock::straight(...), $items), $record, fixed: ['front-plank', 'bridge'])->changes);
    }

    public function test_a_station_of_a_circuit_and_a_primer_above_the_working_rung_give_way_to_it(): void
    {
        $record = self::record(['front-plank/forearms-knees', 'bridge/short-top', 'dead-bug/ninety-hold'], [], 6, Kit::cases());
        $stations = [new WrittenItem('plank', 'front-plank/forearms-toes', '3x45s on'), new WrittenItem('bridge', 'bridge/long-top', '3x10'), new WrittenItem('bug', 'dead-bug/ninety-heel-digs', '3x8/side'), new WrittenItem('easy', 'front-plank/forearms-wall', '3x20s')];
        $now = UpToDate::of([new WrittenBlock(true, $stations, [15, 15, 15], 30)], $record);

        self::assertSame(['front-plank/forearms-knees 3x45s on', 'bridge/short-top 3x8', 'dead-bug/ninety-hold 3x(2x10s/5)', 'front-plank/forearms-wall 3x20s'], self::lines($now), 'in as many rounds: the same where it goes with the rung, else what that begins with');
        self::assertSame(['plank', 'bridge', 'bug'], array_keys($now->changes));
        self::assertSame([15, 15, 15], $now->blocks[0]->gapSeconds);
        self::assertSame(['bridge/short-top 1x8'], self::lines(UpToDate::of([WrittenBlock::straight(new WrittenItem('bridge', 'bridge/long-top', '1x10'), Part::Primer)], $record)));
    }

    public function test_a_station_whose_dose_was_too_much_has_less_of_it_in_as_many_rounds(): void
    {
        $stations = [new WrittenItem('plank', 'front-plank/forearms-knees', '4x20s'), new WrittenItem('bridge', 'bridge/short-top', '4x8'), new WrittenItem('clock', 'side-bridge/knees-bent', '4x30s on')];
        $after = static fn(int $effort): UpToDate => UpToDate::of([new WrittenBlock(true, $stations, [15, 15], 30)], self::record(['front-plank/forearms-knees', 'bridge/short-top', 'side-bridge/knees-bent'], ['front-plank/forearms-knees 4x20s', 'bridge/short-top 3x12'], $effort, Kit::cases()));

        self::assertSame(['front-plank/forearms-knees 4x15s', 'bridge/short-top 4x8', 'side-bridge/knees-bent 4x30s on'], self::lines($after(9)), 'ten are less than twelve, but no less than eight');
        self::assertSame(['plank'], array_keys($after(9)->changes));
        self::assertSame([], $after(6)->changes);
    }

    public function test_a_station_by_the_clock_that_was_too_much_is_ten_seconds_shorter_in_as_many_rounds(): void
    {
        $stands = ['front-plank/forearms-toes', 'bridge/short-top'];
        $circuit = [new WrittenBlock(true, [new WrittenItem('plank', 'front-plank/forearms-toes', '3x40s on'), new WrittenItem('bridge', 'bridge/short-top', '3x20s on')], [30], 30)];
        $after = static fn(int $effort, string ...$done): PersonRecord => self::record($stands, array_values($done), $effort, Kit::cases());

        $tooMuch = UpToDate::of($circuit, $after(9, 'front-plank/forearms-toes 3x40s on'));
        self::assertSame(['front-plank/forearms-toes 3x30s on', 'bridge/short-top 3x20s on'], self::lines($tooMuch));
        self::assertSame('Front plank, forearms and toes: 10 s shorter, since the effort was 9 of 10.', $tooMuch->changes['plank']->sentence);
        self::assertSame(['front-plank/forearms-toes 3x30s on', 'bridge/short-top 3x20s on'], self::lines(UpToDate::alone($circuit, $after(9, 'front-plank/forearms-toes 3x40s on'))), 'at home too');
        self::assertSame([], UpToDate::of($circuit, $after(9, 'front-plank/forearms-toes 2x20s'))->changes, 'a dose in sets says nothing of it');
        self::assertSame([], UpToDate::of($circuit, $after(6, 'front-plank/forearms-toes 3x40s on'))->changes, 'and what rises is for the trainer to write');
        self::assertSame(['front-plank/forearms-toes 2x30s on'], self::lines(UpToDate::of([self::block('front-plank/forearms-toes 2x20s on')], $after(6, 'front-plank/forearms-toes 2x20s on'))), 'but not where it is no circuit');
    }

    public function test_what_the_stations_of_a_circuit_are_due_more_of_is_one_step_for_the_trainer_to_take(): void
    {
        $stations = [new WrittenItem('plank', 'front-plank/forearms-toes', '2x20s on'), new WrittenItem('bridge', 'bridge/short-top', '2x8'), new WrittenItem('side', 'side-bridge/knees-bent', '2x30s on')];
        $record = self::record(['front-plank/forearms-toes', 'bridge/short-top', 'side-bridge/knees-bent'], ['front-plank/forearms-toes 2x20s on', 'bridge/short-top 2x8', 'side-bridge/knees-bent 2x30s on'], 6, Kit::cases());
        $session = static fn(Part $part, int $rest): Session => $record->read([new WrittenBlock(true, $stations, [$rest, 30], 30, $part)])->session ?? throw new \LogicException;
        $offer = MoreAtStations::offer($session(Part::Main, 45), $record);

        self::assertSame('2 stations are due more than is written.', $offer?->reason->sentence, 'the third is at its mark and waits for the gate');
        $then = WrittenBlock::all($offer->repair?->appliedTo($session(Part::Main, 45)) ?? throw new \LogicException)[0];
        self::assertSame(['2x30s on', '2x10', '2x30s on'], array_map(static fn(WrittenItem $item): string => $item->dose, $then->items), 'in as many rounds');
        self::assertSame([35, 30], $then->gapSeconds, 'ten seconds of work come out of the rest after it');
        $gaps = static fn(int $rest): int => WrittenBlock::all(MoreAtStations::offer($session(Part::Main, $rest), $record)?->repair?->appliedTo($session(Part::Main, $rest)) ?? throw new \LogicException)[0]->gapSeconds[0];
        self::assertSame([30, 15], [$gaps(35), $gaps(15)], 'down to the rest of its level, and one that is shorter stays');
        self::assertNull(MoreAtStations::offer($session(Part::Primer, 45), $record), 'a primer stays easy');
        self::assertSame('One station is due more than is written.', MoreAtStations::offer($session(Part::Main, 45), $record, ['bridge'])?->reason->sentence, 'what the trainer has fixed stays');
    }

    public function test_a_circuit_that_is_written_anew_has_no_more_of_a_station_than_is_due(): void
    {
        $template = Template::read(['slug' => 'two', 'name' => 'Two', 'purpose' => 'Two stations.', 'blocks' => [['by_level' => true, 'slots' => [['demand' => 'anti-extension'], ['demand' => 'anti-flexion']]]]]);
        $written = static fn(int $effort): array => array_map(static fn(WrittenItem $item): string => "{$item->rung} {$item->dose}", SessionStart::fromTemplate($template, self::record(['front-plank/forearms-toes', 'bridge/short-top'], ['front-plank/forearms-toes 2x30s on'], $effort, Kit::cases()))->blocks[0]->items);

        self::assertSame('front-plank/forearms-toes 2x30s on', $written(6)[0]);
        self::assertSame('front-plank/forearms-toes 2x20s on', $written(9)[0]);
        self::assertSame($written(6)[1], $written(9)[1], 'the other stations as their level has it');
    }

    public function test_what_was_stopped_after_pain_and_a_session_placed_as_a_primer_stay(): void
    {
        $stopped = self::record(['front-plank/forearms-toes'], [], 6, Kit::cases(), stopped: true);
        self::assertSame([], UpToDate::of([self::block('front-plank/tight-plank 2x(3x10s/5)')], $stopped)->changes, 'it is left out anyhow');

        $blocks = [self::block('front-plank/forearms-bench 1x10s')];
        $session = new WrittenSession('easy', 'Before lifting', $blocks);
        $since = static fn(SessionRole $role): UpToDate => (new ProgramAtHand(self::record(['front-plank/forearms-bench', 'front-plank/tight-plank'], [], 6, Kit::cases()), new Plan([new PlannedSlot('mon', 'easy', new Cell(1, DayPart::Morning), $role, 3, null, Day::parse('2026-06-01'))]), null, ['easy' => $session]))->asOfToday()->since($blocks, $session);
        self::assertSame([], $since(SessionRole::Primer)->changes);
        self::assertSame(['front-plank/tight-plank 1x10s'], self::lines($since(SessionRole::OwnDay)));
    }

    public function test_a_program_that_was_just_made_is_what_would_be_written_today(): void
    {
        // Went from a held press-out up to a moving one: held work leads the first weeks, and nobody is sent back for it.
        $record = self::record(['press-out/standing-held', 'press-out/split-stance', 'front-plank/forearms-toes', 'side-bridge/knees-bent', 'all-fours/opposite-short'], [], 6, Kit::cases());
        $hand = new ProgramAtHand($record, new Plan, null, []);
        $week = WrittenWeek::of($hand->make($hand->wishes()->next())->weeks[0]);

        self::assertNotSame([], $week->sessions);
        foreach (array_keys($week->sessions) as $slot) {
            self::assertSame([], array_map(static fn(Reason $reason): string => $reason->sentence, $hand->asOfToday()->of($week, $slot)->changes));
        }
        self::assertSame(['press-out/standing-held'], $record->gonePast());
    }

    public function test_under_a_limit_on_holds_what_is_due_is_cut_up_on_the_board_in_a_program_and_when_that_is_written(): void
    {
        $method = Method::default()->with(Answer::LongHolds);
        $record = self::record(['dead-bug/ninety-hold', 'front-plank/forearms-bench', 'side-bridge/knees-bent', 'all-fours/opposite-short'], ['front-plank/forearms-bench 3x(3x10s/5)'], 6, Kit::cases(), limits: [State::RaisedPressure], method: $method);
        $longest = static fn(WrittenBlock ...$blocks): int => max([0, ...array_map(static fn(Item $item): int => $item->longestHoldSeconds(), $record->read(array_values($blocks))->session?->items() ?? [])]);
        $hand = new ProgramAtHand($record, new Plan, null, []);
        $week = WrittenWeek::of($hand->make($hand->wishes()->next())->weeks[0]);

        self::assertSame(10, $longest(...SessionStart::fromBoard($record)->blocks));
        foreach (array_keys($week->sessions) as $slot) {
            self::assertSame(10, $longest(...$hand->asOfToday()->of($week, $slot)->blocks));
            self::assertSame([], $hand->asOfToday()->of($week, $slot)->changes);
        }
        $due = $record->doses()->due(ShippedLibrary::rung('front-plank/forearms-bench'));
        self::assertSame(['3x(4x10s/5)', true], [$due === null ? '' : DoseLine::print($due->dose), $due?->rises]);
        $template = $record->doses()->due(ShippedLibrary::rung('dead-bug/ninety-hold'));
        self::assertSame('3x(3x10s/5)', $template === null ? '' : DoseLine::print($template->dose), 'half the mark, in short holds');
    }

    public function test_alone_a_hold_that_was_written_before_a_limit_is_cut_up_and_with_the_trainer_it_stands(): void
    {
        $written = [self::block('front-plank/forearms-bench 2x30s'), new WrittenBlock(true, [new WrittenItem('a', 'side-bridge/knees-bent', '2x40s on'), new WrittenItem('b', 'bridge/short-top', '2x10')], [0])];
        $record = self::record(['front-plank/forearms-bench', 'side-bridge/knees-bent', 'bridge/short-top'], [], 6, Kit::cases(), limits: [State::RaisedPressure]);

        self::assertSame(['front-plank/forearms-bench 2x30s', 'side-bridge/knees-bent 2x40s on', 'bridge/short-top 2x10'], self::lines(UpToDate::of($written, $record, fixed: ['front-plank'])));
        $alone = UpToDate::alone($written, $record, ['front-plank']);
        self::assertSame(['front-plank/forearms-bench 2x(3x10s/5)', 'side-bridge/knees-bent 2x10s/side', 'bridge/short-top 2x10'], self::lines($alone), 'what is fixed, too');
        self::assertSame(Rule::LimitCaution, $alone->changes['front-plank']->rule);
    }

    public function test_where_it_would_be_longer_than_its_minutes_what_moved_on_gives_sets_away(): void
    {
        $now = self::now(['side-bridge/top-foot-front 4x20s/side', 'bridge/short-top 2x8'], stands: ['side-bridge/knees-bent', 'bridge/short-top'], done: ['side-bridge/knees-bent 2x20s/side', 'bridge/short-top 2x12']);
        $record = self::record(['side-bridge/knees-bent'], [], 6, Kit::cases());

        self::assertSame(['side-bridge/knees-bent 4x20s/side', 'bridge/short-top 2x8'], self::lines($now));
        self::assertSame(['side-bridge/knees-bent 2x20s/side', 'bridge/short-top 2x8'], self::lines($now->within(300, $record)));
        self::assertSame(['side-bridge/knees-bent 1x20s/side', 'bridge/short-top 2x8'], self::lines($now->within(210, $record)), 'what has not moved on has all of them as long as that is enough');
        self::assertSame(['side-bridge/knees-bent 1x20s/side', 'bridge/short-top 1x8'], self::lines($now->within(1, $record)), 'one set always stays');
    }

    public function test_all_of_it_is_one_step_that_says_what_it_takes(): void
    {
        $record = self::record(['front-plank/forearms-toes', 'bridge/short-top'], ['bridge/short-top 2x8'], 6, Kit::cases());
        $blocks = array_map(static fn(string $line): WrittenBlock => self::block($line), ['front-plank/tight-plank 2x(3x10s/5)', 'bridge/short-top 2x8']);
        $warning = UpToDate::of($blocks, $record)->warning($record);

        self::assertSame('2 exercises have moved on since this was written.', $warning?->reason->sentence);
        self::assertSame(['Front plank, forearms and toes', 'Bridge with 1–2 s at the top'], array_column($warning->reason->inputs, 'name'));
        $session = $record->read($blocks)->session;
        self::assertNotNull($session);
        self::assertEquals(UpToDate::of($blocks, $record)->blocks, WrittenBlock::all($warning->repair?->appliedTo($session) ?? $session));
        self::assertNull(UpToDate::of([self::block('bridge/short-top 2x10')], $record)->warning($record));
    }

    /**
     * @param list<string>   $written rung and dose
     * @param list<string>   $stands  rungs, the last one of a ladder holds; with a side behind it where the sides differ, and a range behind that
     * @param list<string>   $done    rung and dose, clean on Friday 12 June
     * @param list<Kit>|null $kit
     */
    private static function now(array $written, array $stands, array $done = [], int $effort = 6, ?array $kit = null, bool $isPlanned = false, bool $isEasier = false): UpToDate
    {
        return UpToDate::of(array_map(self::block(...), $written), self::record($stands, $done, $effort, $kit ?? Kit::cases()), $isEasier, [], $isPlanned);
    }

    private static function block(string $line): WrittenBlock
    {
        [$rung, $dose] = explode(' ', $line, 2);

        return WrittenBlock::straight(new WrittenItem((string) strstr($rung, '/', true), $rung, $dose));
    }

    /** @return list<string> */
    private static function lines(UpToDate $now): array
    {
        return array_merge(...array_map(static fn(WrittenBlock $block): array => array_map(static fn(WrittenItem $item): string => "{$item->rung} {$item->dose}", $block->items), $now->blocks));
    }

    /**
     * @param list<string> $stands
     * @param list<string> $done
     * @param list<Kit>    $kit
     * @param list<State>  $limits
     */
    private static function record(array $stands, array $done, int $effort, array $kit, bool $stopped = false, array $limits = [], ?Method $method = null): PersonRecord
    {
        $today = Day::parse('2026-06-15');
        $placings = [];
        foreach ($stands as $at => $line) {
            [$slug, $side] = [...explode(' ', $line), 'both'];
            $range = explode(' ', $line)[2] ?? null;
            $placings[] = new Placing("p{$at}", (string) strstr($slug, '/', true), Side::from($side), $slug, $stopped, $at, Day::parse('2026-06-01'), range: $range);
        }
        $ticks = array_fill_keys(array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()), true);
        $logs = [];
        foreach ($done as $at => $line) {
            [$slug, $written] = explode(' ', $line, 2);
            $dose = DoseLine::parse($written, ShippedLibrary::rung($slug)->sidedness);
            $sets = [];
            for ($set = 1; $set <= $dose->sets(); $set++) {
                $target = $dose->body($set)->target();
                $sets[] = new LoggedSet('item', $slug, $written, $dose->perSide ? null : $target, $dose->perSide ? $target : null, $dose->perSide ? $target : null, $ticks, 0, $effort, false, Felt::Right);
            }
            $logs[] = new LoggedSession("log-{$at}", 'session', Day::parse('2026-06-12'), 100 + $at, 600, $sets, []);
        }

        return new PersonRecord(ShippedLibrary::get(), $method ?? Method::default(), $today, new Profile(Aim::Even, null, null, null, [1, 3, 5], 20, $kit, null, []), new Safety(array_map(static fn(State $state): NotedLimit => new NotedLimit($state, Side::Both, $today, true), $limits), [], [], $today, []), History::of($placings, [], $logs, [], [], null));
    }
}
