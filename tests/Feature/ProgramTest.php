<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Program;
use App\Models\TrainingSession;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Making, comparing and keeping a person's program over HTTP. Today is Monday 1 June 2026. */
final class ProgramTest extends ApiTestCase
{
    public function test_without_a_program_the_wish_is_the_week_as_it_is_laid_out_or_as_many_sessions_as_the_method_asks_for(): void
    {
        $person = $this->placed();
        $this->program($person)->assertOk()->assertJsonPath('program', null)->assertJsonPath('id', null)
            ->assertJsonPath('wish.start', '2026-06-01')->assertJsonPath('wish.weeks', 6)
            ->assertJsonPath('wish.slots.0.day', 2)->assertJsonPath('wish.slots.1.day', 5)->assertJsonCount(2, 'wish.slots')
            ->assertJsonPath('wish.slots.0.minutes', 25);

        $session = $this->writtenSession($person, ['press-out/standing' => '2x10/side']);
        $this->putJson("/api/people/{$person}/weeks/2026-06-01", ['version' => 0, 'slots' => [['id' => 'x', 'session' => $session, 'day' => 3, 'part' => 'midday', 'placement' => 'own-day', 'effort' => 5, 'only' => null]], 'moves' => [], 'away' => []])->assertOk();
        $this->program($person)->assertJsonCount(1, 'wish.slots')->assertJsonPath('wish.slots.0.day', 3)->assertJsonPath('wish.slots.0.effort', 5);
    }

    public function test_an_advanced_person_is_told_and_given_up_to_four_days_alike(): void
    {
        $person = $this->person(['trainingDays' => [1, 2, 3, 4, 5, 6]]);
        foreach (['rollout/standing-lowering', 'side-bridge/top-foot-bench', 'hinge/bar-heavy', 'press-out/walking', 'bridge/bench-one-leg'] as $rung) {
            DB::table('placements')->insert(['id' => self::id(), 'practice_id' => $this->trainer->practice_id, 'person_id' => $person, 'ladder' => strstr($rung, '/', true), 'side' => 'both', 'rung' => $rung, 'rung_snapshot' => '{}', 'library_version' => 'x', 'stopped' => false, 'reason' => '', 'placed_on' => '2026-06-01', 'time_zone' => 'Europe/Vienna', 'user_id' => $this->trainer->id, 'sequence' => 1]);
        }

        $this->getJson("/api/people/{$person}/weeks/2026-06-01")->assertOk()->assertJsonPath('highDays', 4);
        $this->program($person)->assertOk()->assertJsonCount(4, 'wish.slots');
    }

    public function test_a_proposal_is_not_kept_and_a_program_taken_over_is(): void
    {
        $person = $this->placed();
        $proposal = $this->propose($person)->assertOk()->assertJsonCount(6, 'weeks')
            ->assertJsonPath('weeks.0.when', 'now')->assertJsonPath('weeks.3.kind', 'easier')->assertJsonPath('weeks.5.retests', true);
        self::assertContains('front-plank', $proposal->json('staves.*.ladder'));
        $this->program($person)->assertJsonPath('program', null);

        $this->take($person)->assertCreated()->assertJsonPath('versions.0.holds', true)->assertJsonPath('against', [])
            ->assertJsonPath('program.weeks.0.sessions.0.when', 'Tuesday evening')->assertJsonPath('program.weeks.0.sessions.0.state', 'none');
        self::assertSame($proposal->json('staves.*.cells.*.dose'), $this->program($person)->json('program.staves.*.cells.*.dose'));
    }

    public function test_why_a_ladder_of_the_program_that_holds_is_what_it_is_is_asked_for_by_itself_and_says_what_was_proposed(): void
    {
        $person = $this->placed();
        $proposed = array_column((array) $this->propose($person)->assertOk()->json('staves'), null, 'ladder')['front-plank'];
        $this->take($person)->assertCreated();
        $kept = array_column((array) $this->program($person)->json('program.staves'), null, 'ladder')['front-plank'];
        $why = $this->getJson("/api/people/{$person}/program/why/front-plank")->assertOk();

        self::assertSame([null], array_unique([...array_column($kept['cells'], 'reason'), ...array_column($kept['cells'], 'whySets'), ...array_column($kept['gates'], 'reason')], SORT_REGULAR));
        foreach (['monday', 'reason', 'whySets'] as $what) {
            self::assertSame(array_column($proposed['cells'], $what), array_column((array) $why->json('cells'), $what));
        }
        self::assertSame(array_column($kept['gates'], 'to'), array_column((array) $why->json('gates'), 'to'));
        self::assertNotContains(null, array_column((array) $why->json('gates'), 'reason'));
    }

    public function test_a_double_submit_is_the_same_version_and_two_trainers_do_not_overwrite_each_other(): void
    {
        $person = $this->placed();
        $id = self::id();
        $this->take($person, $id)->assertCreated();
        $this->take($person, $id)->assertCreated()->assertJsonCount(1, 'versions');

        $this->take($person, self::id())->assertConflict()->assertJsonPath('code', 'changed-meanwhile')->assertJsonPath('present.id', $id);
        $this->take($person, self::id(), $id)->assertCreated()->assertJsonCount(2, 'versions');
    }

    public function test_what_is_fixed_shows_what_follows_from_it_and_can_be_accepted_in_part(): void
    {
        $person = $this->placed();
        $this->take($person, $first = self::id())->assertCreated();
        $wish = self::wish(['rungs' => [['week' => 3, 'ladder' => 'front-plank', 'rung' => 'front-plank/forearms-wall']]]);

        $proposal = $this->propose($person, $wish)->assertOk();
        self::assertSame(['2026-06-15', '2026-06-22', '2026-06-29', '2026-07-06'], $proposal->json('mondays'), 'Nothing before the fixed week changes.');
        $changed = array_values(array_filter((array) $proposal->json('staves'), static fn(mixed $stave): bool => is_array($stave) && $stave['ladder'] === 'front-plank'))[0]['cells'][2];
        self::assertStringContainsString('becomes “', $changed['change']);
        self::assertTrue($changed['locked']);

        $this->take($person, $second = self::id(), $first, $wish, ['2026-06-15'])->assertCreated();
        $rungs = fn(string $monday): string => $this->rungOn($person, 'front-plank', $monday);
        self::assertSame('front-plank/forearms-wall', $rungs('2026-06-15'));
        self::assertNotSame('front-plank/forearms-wall', $rungs('2026-06-22'));

        // The first version again, after a look at what would be different.
        self::assertSame(['2026-06-15'], $this->getJson("/api/people/{$person}/programs/{$first}")->assertOk()->json('mondays'));
        $this->postJson("/api/people/{$person}/programs/{$first}/again", ['id' => self::id(), 'replaces' => $second])->assertCreated()->assertJsonCount(3, 'versions');
        self::assertNotSame('front-plank/forearms-wall', $rungs('2026-06-15'));
    }

    public function test_a_week_that_has_begun_is_written_from_today_on(): void
    {
        $person = $this->placed();
        $this->take($person, self::id())->assertCreated();
        Carbon::setTestNow('2026-06-04 09:00:00');

        $this->postJson("/api/people/{$person}/program/weeks/2026-06-01")->assertCreated()
            ->assertJsonPath('program.weeks.0.sessions.0.state', 'behind')->assertJsonPath('program.weeks.0.sessions.1.state', 'written');
        $this->getJson("/api/people/{$person}/weeks/2026-06-01")->assertJsonPath('programWaits', false)->assertJsonCount(1, 'placed');
        // And a first program begins in the week in which none of its days is behind.
        $other = $this->placed();
        $this->program($other)->assertJsonPath('wish.start', '2026-06-08');
    }

    public function test_weeks_that_were_not_taken_over_keep_their_own_days(): void
    {
        $person = $this->placed();
        $this->take($person, $first = self::id())->assertCreated();
        $saturday = self::wish(['slots' => [['id' => 'sat', 'day' => 6, 'part' => 'morning', 'placement' => 'own-day', 'minutes' => 30, 'effort' => 5]]]);
        $this->take($person, self::id(), $first, $saturday, ['2026-06-08'])->assertCreated()
            ->assertJsonPath('program.weeks.0.sessions.1.when', 'Friday evening')->assertJsonPath('program.weeks.1.sessions.0.when', 'Saturday morning');

        $this->postJson("/api/people/{$person}/program/weeks/2026-06-01")->assertCreated();
        self::assertEqualsCanonicalizing(['Week 1, Tuesday evening', 'Week 1, Friday evening'], (array) $this->getJson("/api/people/{$person}/weeks/2026-06-01")->json('placed.*.title'));
    }

    public function test_a_new_limit_speaks_against_the_program_and_the_rest_is_planned_anew_while_the_past_stays(): void
    {
        $person = $this->placed();
        $this->take($person, $first = self::id())->assertCreated();
        $this->train($person);
        Carbon::setTestNow('2026-06-10 09:00:00');
        $read = $this->getJson("/api/people/{$person}")->json();
        self::assertIsArray($read);
        $this->putJson("/api/people/{$person}", [...self::fields($person), 'version' => $read['version'], 'limits' => [['state' => 'shoulder-pain', 'side' => 'left', 'note' => '']]])->assertOk();

        self::assertContains(['key' => 'weeks', 'state' => 'attention', 'count' => 0], (array) $this->getJson("/api/people/{$person}")->json('steps'));
        $page = $this->program($person)->assertOk();
        self::assertStringContainsString('ruled out', (string) $page->json('against.0.sentence'));
        // One of six weeks is behind: five are left, from this Monday on.
        $page->assertJsonPath('wish.start', '2026-06-08')->assertJsonPath('wish.weeks', 5);
        $wish = $page->json('wish');
        self::assertIsArray($wish);
        self::assertContains('2026-06-08', (array) $this->propose($person, $wish)->assertOk()->json('mondays'));

        $this->take($person, self::id(), $first, $wish)->assertCreated()
            ->assertJsonPath('program.weeks.0.monday', '2026-06-01')->assertJsonPath('program.weeks.0.when', 'past')->assertJsonPath('program.weeks.0.number', 1)
            ->assertJsonPath('program.weeks.1.number', 2)
            // The week before counts: the fourth week is still the easier one.
            ->assertJsonPath('program.weeks.3.kind', 'easier');
        self::assertStringNotContainsString('ruled out', implode(' ', (array) $this->program($person)->json('against.*.sentence')));
        self::assertSame('side-bridge/knees-bent', $this->rungOn($person, 'side-bridge', '2026-06-01'), 'The past stays.');
    }

    public function test_later_in_a_program_its_weeks_keep_their_numbers_and_a_cell_says_which_week_of_the_rest_it_is(): void
    {
        $person = $this->placed();
        $this->take($person, $first = self::id())->assertCreated();
        $this->train($person);
        Carbon::setTestNow('2026-06-10 09:00:00');

        $page = $this->program($person)->assertJsonPath('program.weeks.0.number', 1)->assertJsonPath('program.weeks.1.number', 2)
            ->assertJsonPath('program.staves.0.cells.0.week', 0)->assertJsonPath('program.staves.0.cells.1.week', 1);
        $wish = $page->json('wish');
        self::assertIsArray($wish);
        // What is fixed in the cell of 22 June, the third of the rest, changes that week.
        $this->propose($person, [...$wish, 'rungs' => [['week' => 3, 'ladder' => 'front-plank', 'rung' => 'front-plank/forearms-wall']]])->assertOk();
        $this->take($person, self::id(), $first, [...$wish, 'rungs' => [['week' => 3, 'ladder' => 'front-plank', 'rung' => 'front-plank/forearms-wall']]])->assertCreated();
        self::assertSame('front-plank/forearms-wall', $this->rungOn($person, 'front-plank', '2026-06-22'));
    }

    public function test_a_version_whose_weeks_are_all_past_is_not_taken_again(): void
    {
        $person = $this->placed();
        $this->take($person, $first = self::id(), null, self::wish(['weeks' => 4]))->assertCreated();
        Carbon::setTestNow('2026-07-01 09:00:00');
        $this->take($person, $second = self::id(), $first, self::wish(['start' => '2026-06-29']))->assertCreated();

        $this->postJson("/api/people/{$person}/programs/{$first}/again", ['id' => self::id(), 'replaces' => $second])->assertConflict()->assertJsonPath('code', 'program-past');
        self::assertStringContainsString('run out', (string) $this->withProgramRunOut($person));
    }

    public function test_weeks_before_a_later_start_stay_as_they_were(): void
    {
        $person = $this->placed();
        $this->take($person, $first = self::id())->assertCreated();
        $later = self::wish(['start' => '2026-06-15', 'weeks' => 4]);

        $proposal = $this->propose($person, $later)->assertOk()->assertJsonPath('weeks.0.monday', '2026-06-01')->assertJsonPath('weeks.0.number', 0)->assertJsonPath('weeks.2.number', 1);
        self::assertNotContains('2026-06-01', (array) $proposal->json('mondays'));
        $this->take($person, self::id(), $first, $later)->assertCreated()->assertJsonCount(6, 'program.weeks');
    }

    public function test_a_missed_week_is_told_and_moves_the_rest_on(): void
    {
        $person = $this->placed();
        $this->take($person, self::id())->assertCreated();
        Carbon::setTestNow('2026-06-10 09:00:00');

        $page = $this->program($person)->assertJsonPath('wish.start', '2026-06-08')->assertJsonPath('wish.weeks', 6);
        self::assertStringContainsString('Nothing of last week was done', (string) $page->json('against.0.sentence'));
    }

    public function test_a_day_that_is_no_training_day_any_more_and_a_week_away_speak_against_it(): void
    {
        $person = $this->placed();
        $this->take($person, self::id())->assertCreated();
        $this->putJson("/api/people/{$person}", [...self::fields($person), 'version' => 1, 'trainingDays' => [2, 4]])->assertOk();
        $this->putJson("/api/people/{$person}/weeks/2026-06-01", ['version' => 0, 'slots' => [], 'moves' => [], 'away' => array_map(static fn(int $day): string => "2026-06-{$day}", range(15, 21))])->assertOk();

        $sentences = implode(' ', (array) $this->program($person)->json('against.*.sentence'));
        self::assertStringContainsString('sessions on Friday, which is no training day any more', $sentences);
        self::assertStringContainsString('Thursday is a training day without a session', $sentences);
        self::assertStringContainsString('The week of Monday 15 June is away now', $sentences);
        $this->propose($person)->assertJsonPath('weeks.2.kind', 'away')->assertJsonPath('weeks.3.number', 3)->assertJsonCount(7, 'weeks');
    }

    public function test_a_week_is_written_into_sessions_and_takes_the_stead_of_the_usual_ones(): void
    {
        $person = $this->placed();
        $usual = $this->writtenSession($person, ['press-out/standing' => '2x10/side']);
        $this->putJson("/api/people/{$person}/weeks/2026-06-01", ['version' => 0, 'slots' => [['id' => 'x', 'session' => $usual, 'day' => 2, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 5, 'only' => null]], 'moves' => [], 'away' => []])->assertOk();
        $this->take($person, $first = self::id())->assertCreated();
        $this->getJson("/api/people/{$person}/weeks/2026-06-01")->assertJsonPath('programWaits', true);

        $this->postJson("/api/people/{$person}/program/weeks/2026-06-01")->assertCreated()->assertJsonPath('program.weeks.0.sessions.0.state', 'written')->assertJsonPath('program.weeks.1.sessions.0.state', 'none');
        $week = $this->getJson("/api/people/{$person}/weeks/2026-06-01")->assertOk()->assertJsonPath('programWaits', false);
        self::assertEqualsCanonicalizing(['left-out', 'planned', 'planned'], (array) $week->json('placed.*.state'));
        self::assertContains('Week 1, Tuesday evening', (array) $week->json('placed.*.title'));

        // Another plan for the week: what is written says so, and is written anew in its place.
        $wish = self::wish(['doses' => [['week' => 1, 'ladder' => 'front-plank', 'rung' => 'front-plank/forearms-knees', 'dose' => '2x12s']]]);
        $this->take($person, self::id(), $first, $wish)->assertCreated()->assertJsonPath('program.weeks.0.sessions.0.state', 'differs');
        $this->postJson("/api/people/{$person}/program/weeks/2026-06-01")->assertCreated()->assertJsonPath('program.weeks.0.sessions.0.state', 'written');
        self::assertCount(3, (array) $this->getJson("/api/people/{$person}/weeks/2026-06-01")->json('placed'));
        $this->postJson("/api/people/{$person}/program/weeks/2026-05-25")->assertUnprocessable();
    }

    public function test_a_written_week_is_taken_out_again_as_if_it_had_not_been_written(): void
    {
        $person = $this->placed();
        $usual = $this->writtenSession($person, ['press-out/standing' => '2x10/side']);
        $this->putJson("/api/people/{$person}/weeks/2026-06-01", ['version' => 0, 'slots' => [['id' => 'x', 'session' => $usual, 'day' => 2, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 5, 'only' => null]], 'moves' => [], 'away' => []])->assertOk();
        $this->take($person, $first = self::id())->assertCreated()->assertJsonPath('program.weeks.0.canTakeOut', false);
        $week = fn(): array => (array) $this->getJson("/api/people/{$person}/weeks/2026-06-01")->assertOk()->json('placed.*.title');
        $before = $week();
        $write = fn(): array => (array) $this->postJson("/api/people/{$person}/program/weeks/2026-06-01")->assertCreated()->assertJsonPath('program.weeks.0.canTakeOut', true)->json('program.weeks.0.sessions.*.session');
        $takeOut = fn(): \Illuminate\Testing\TestResponse => $this->postJson("/api/people/{$person}/program/weeks/2026-06-01/take-out");
        $lines = fn(string $session): array => (array) $this->getJson("/api/people/{$person}/sessions/{$session}")->json('preview.blocks.*.items.*.dose');

        $written = $write();
        $asWritten = $lines((string) $written[0]);
        // Written anew from another plan, then taken out: the first writing stands again; taken out again, nothing of it.
        $wish = self::wish(['doses' => [['week' => 1, 'ladder' => 'front-plank', 'rung' => 'front-plank/forearms-knees', 'dose' => '2x12s']]]);
        $this->take($person, self::id(), $first, $wish)->assertCreated();
        self::assertSame($written, $write());
        self::assertNotSame($asWritten, $lines((string) $written[0]));
        $takeOut()->assertOk()->assertJsonPath('sentence', 'Taken out of the week again; it is laid out as before.');
        self::assertSame($asWritten, $lines((string) $written[0]));
        $takeOut()->assertOk();
        self::assertSame($before, $week());
        self::assertSame('planned', $this->getJson("/api/people/{$person}/weeks/2026-06-01")->json('placed.0.state'));
        $this->getJson("/api/people/{$person}/sessions/{$written[0]}")->assertNotFound();
        $takeOut()->assertConflict()->assertJsonPath('code', 'nothing-to-take-out');
    }

    public function test_what_was_changed_or_trained_since_stays_when_a_written_week_is_taken_out(): void
    {
        $person = $this->placed();
        $this->take($person, self::id())->assertCreated();
        $written = (array) $this->postJson("/api/people/{$person}/program/weeks/2026-06-01")->assertCreated()->json('program.weeks.0.sessions.*.session');
        $kept = $this->getJson("/api/people/{$person}/sessions/{$written[1]}")->json();
        self::assertIsArray($kept);
        $this->putJson("/api/people/{$person}/sessions/{$written[1]}", ['title' => 'Friday, with the band', 'version' => $kept['version'], 'id' => $written[1], 'blocks' => self::blocks(['front-plank/forearms-knees' => '2x20s'])])->assertOk();

        self::assertStringContainsString('“Friday, with the band” was trained or changed since and stays', (string) $this->postJson("/api/people/{$person}/program/weeks/2026-06-01/take-out")->assertOk()->json('sentence'));
        $this->getJson("/api/people/{$person}/sessions/{$written[1]}")->assertOk()->assertJsonPath('title', 'Friday, with the band');
        self::assertSame([], (array) $this->getJson("/api/people/{$person}/weeks/2026-06-01")->json('placed'));
        // A week that is past keeps what was written into it.
        $this->postJson("/api/people/{$person}/program/weeks/2026-06-08")->assertCreated();
        Carbon::setTestNow('2026-06-16 09:00:00');
        $this->postJson("/api/people/{$person}/program/weeks/2026-06-08/take-out")->assertConflict();
    }

    public function test_a_program_is_taken_back_the_first_one_too_and_stays_in_the_list(): void
    {
        $person = $this->placed();
        $this->take($person, $first = self::id())->assertCreated();
        $this->take($person, $second = self::id(), $first, self::wish(['seed' => 2]))->assertCreated();

        $this->postJson("/api/people/{$person}/programs/{$first}/take-back")->assertConflict();
        $this->postJson("/api/people/{$person}/programs/{$second}/take-back")->assertOk()->assertJsonPath('id', $first);
        // Sent twice it is the same.
        $this->postJson("/api/people/{$person}/programs/{$second}/take-back")->assertOk()->assertJsonPath('id', $first);
        $this->postJson("/api/people/{$person}/programs/{$first}/take-back")->assertOk()->assertJsonPath('id', null)->assertJsonPath('program', null)
            ->assertJsonPath('versions.*.takenBack', [true, true])->assertJsonPath('against', []);
        // And either can hold again.
        $this->postJson("/api/people/{$person}/programs/{$first}/again", ['id' => self::id(), 'replaces' => null])->assertCreated()->assertJsonPath('versions.0.holds', true);
    }

    public function test_what_was_done_stands_beside_what_was_planned(): void
    {
        $person = $this->placed();
        $this->take($person, self::id())->assertCreated();
        $written = (string) $this->postJson("/api/people/{$person}/program/weeks/2026-06-01")->json('program.weeks.0.sessions.0.session');
        $item = $this->getJson("/api/people/{$person}/sessions/{$written}")->json('preview.blocks.0.items.0');
        self::assertIsArray($item);
        $this->postJson("/api/people/{$person}/logs", ['id' => self::id(), 'session' => $written, 'seconds' => 900, 'sets' => [self::set((string) $item['rung'], 1, 10, ['item' => $item['id'], 'both' => 10, 'left' => null, 'right' => null])]])->assertCreated();

        $page = $this->program($person)->assertJsonPath('program.weeks.0.done', 1)->assertJsonPath('program.weeks.0.sessions.0.doneOn', '2026-06-01');
        self::assertSame(105, $page->json('program.weeks.0.loadDone'));
        foreach ((array) $page->json('program.staves') as $stave) {
            self::assertIsArray($stave);
            self::assertSame($stave['ladder'] === $item['id'] ? 1 : 0, $stave['cells'][0]['setsDone']);
            self::assertNull($stave['cells'][1]['setsDone']);
        }
    }

    public function test_a_week_is_written_from_where_the_person_stands_by_then_and_says_what_moved_on(): void
    {
        $person = $this->placed();
        $this->take($person, self::id())->assertCreated();
        // Stepped down on the plank, and eight clean presses at the last session.
        $this->train($person);
        $this->place($person, 'front-plank/forearms-bench');
        Carbon::setTestNow('2026-06-08 09:00:00');

        $week = $this->program($person)->json('program.weeks.1');
        self::assertIsArray($week);
        $said = implode(' ', array_column(array_merge(...array_column($week['sessions'], 'moved')), 'sentence'));
        self::assertStringContainsString('“Front plank, forearms on a bench” in place of “Front plank, forearms, knees down”: the working rung by now.', $said);
        self::assertStringContainsString('Front plank, forearms on a bench, ', implode(' ', array_merge(...array_column($week['sessions'], 'lines'))));
        $calendar = str_replace("\r\n ", '', (string) $this->get("/api/people/{$person}/calendar/file")->assertOk()->getContent());
        self::assertStringContainsString('Front plank\\, forearms on a bench', $calendar, 'a calendar tells the same');

        $after = $this->postJson("/api/people/{$person}/program/weeks/2026-06-08")->assertCreated();
        self::assertSame(['written', 'written'], $after->json('program.weeks.1.sessions.*.state'));
        self::assertSame([[], []], $after->json('program.weeks.1.sessions.*.moved'), 'written is up to date');
        $written = TrainingSession::query()->where('program_monday', '2026-06-08')->get();
        self::assertSame(['Week 2, Friday evening', 'Week 2, Tuesday evening'], $written->pluck('title')->sort()->values()->all());
        $rungs = $written->flatMap(static fn(TrainingSession $row): array => array_column(array_merge(...array_column($row->blocks, 'items')), 'rung'))->unique();
        self::assertContains('front-plank/forearms-bench', $rungs);
        self::assertNotContains('front-plank/forearms-knees', $rungs);

        // Back on the knees before the second session: what was written says so, at the desk and on the floor.
        $this->place($person, 'front-plank/forearms-knees');
        $row = $written->firstOrFail(static fn(TrainingSession $row): bool => str_contains((string) json_encode($row->blocks), 'forearms-bench'));
        self::assertStringContainsString('“Front plank, forearms, knees down” in place of', implode(' ', (array) $this->getJson("/api/people/{$person}/sessions/{$row->id}/cues")->assertOk()->json('movedOn.*.sentence')));
        $fit = $this->postJson("/api/people/{$person}/sessions/fit", ['id' => $row->id, 'blocks' => $row->blocks])->assertOk();
        self::assertSame('One exercise has moved on since this was written.', $fit->json('movedOn.reason.sentence'));
        self::assertSame(['swap', 'front-plank/forearms-knees'], [$fit->json('movedOn.repair.edits.0.kind'), $fit->json('movedOn.repair.edits.0.rung')]);
        self::assertContains('differs', (array) $this->program($person)->json('program.weeks.1.sessions.*.state'));
    }

    public function test_a_proposal_is_told_as_the_program_will_be_once_it_is_taken_over(): void
    {
        $person = $this->placed();
        $told = static fn(TestResponse $answer, string $at): array => [$answer->json("{$at}weeks.*.clock"), $answer->json("{$at}weeks.*.phase"), $answer->json("{$at}weeks.*.sessions.*.lines")];

        self::assertSame($told($this->propose($person), ''), $told($this->take($person), 'program.'));
    }

    public function test_what_leads_in_a_week_is_one_figure_also_where_exercises_have_moved_on(): void
    {
        $person = $this->placed();
        $this->take($person, $id = self::id())->assertCreated();
        $this->place($person, 'front-plank/forearms-bench');
        $weeks = $this->program($person)->json('program.weeks');
        self::assertIsArray($weeks);
        self::assertNotSame([], array_filter($weeks, static fn(array $week): bool => $week['sessions'][0]['moved'] !== []));
        foreach ($weeks as $week) {
            self::assertMatchesRegularExpression('/^(held|moving|standing) \d+ %$/', $week['phase']);
            [$word, $percent] = explode(' ', $week['phase'], 2);
            self::assertStringStartsWith(ucfirst($word).' work should lead', $week['phaseReason']['sentence']);
            self::assertStringContainsString(", {$percent} here.", $week['phaseReason']['sentence']);
        }

        // A program of an earlier version has no word for it by itself: it says what leads, and what was kept with it.
        $row = Program::query()->findOrFail($id);
        $row->update(['weeks' => array_map(static fn(array $week): array => array_diff_key($week, ['leads' => true]), $row->weeks)]);
        self::assertMatchesRegularExpression('/^(held|moving|standing) \d+ %$/', $this->program($person)->json('program.weeks.0.phase'));
        self::assertSame($row->weeks[0]['phase']['sentence'], $this->program($person)->json('program.weeks.0.phaseReason.sentence'));
    }

    public function test_planned_anew_again_and_again_a_program_keeps_its_end_its_easier_week_and_its_numbers(): void
    {
        $person = $this->placed();
        $this->take($person, $last = self::id())->assertCreated();
        foreach (['2026-06-08' => 5, '2026-06-15' => 4, '2026-06-22' => 3, '2026-06-29' => 2] as $monday => $left) {
            $this->train($person);
            Carbon::setTestNow("{$monday} 09:00:00");
            $wish = $this->program($person)->assertJsonPath('wish.weeks', $left)->assertJsonPath('weeksBehind', 6 - $left)->json('wish');
            self::assertIsArray($wish);
            $page = $this->take($person, $next = self::id(), $last, $wish)->assertCreated();
            $last = $next;
            self::assertSame([1, 2, 3, 4, 5, 6], $page->json('program.weeks.*.number'));
            self::assertSame(['build', 'build', 'build', 'easier', 'build', 'build'], $page->json('program.weeks.*.kind'));
            self::assertSame('2026-07-06', $page->json('program.weeks.5.monday'));
            self::assertSame([false, false, false, false, false, true], $page->json('program.weeks.*.retests'));
        }
        // The easier week, planned anew as it began, is three fifths of a week, and not a minute of work.
        self::assertGreaterThan(600, array_sum(array_map(static fn(string $clock): int => 60 * (int) $clock, (array) $this->program($person)->json('program.weeks.3.sessions.*.clock'))));

        // Once it has run out, the next one is as long as this was.
        Carbon::setTestNow('2026-07-13 09:00:00');
        $this->program($person)->assertJsonPath('wish.weeks', 6)->assertJsonPath('weeksBehind', 0)->assertJsonPath('wish.start', '2026-07-13');
    }

    public function test_bad_input_is_told_in_sentences(): void
    {
        $person = $this->placed();
        $this->propose($person, self::wish(['slots' => []]))->assertUnprocessable()->assertJsonPath('sentence', 'There is no day for core work yet. Give the program at least one session a week.');
        $this->propose($person, self::wish(['start' => '2026-05-20']))->assertUnprocessable()->assertJsonPath('sentence', 'A program begins this week or later; the week of Monday 18 May is past. What happened in past weeks stays as it was.');
        $this->propose($person, self::wish(['weeks' => 13]))->assertUnprocessable()->assertJsonPath('fields', ['wish.weeks' => ['A program has 4 to 12 weeks.']]);
        $this->propose($person, self::wish(['weeks' => 3]))->assertUnprocessable()->assertJsonPath('sentence', 'A program has 4 to 12 weeks.');
        $this->propose($person, self::wish(['without' => ['front-plank'], 'rungs' => [['week' => 1, 'ladder' => 'front-plank', 'rung' => 'front-plank/forearms-knees']]]))->assertUnprocessable()->assertJsonPath('sentence', 'Week 1: a rung is fixed on a ladder that is left out.');
        $this->propose($person, self::wish(['doses' => [['week' => 1, 'ladder' => 'front-plank', 'rung' => 'front-plank/forearms-knees', 'dose' => 'three times']]]))->assertUnprocessable();
        $three = self::wish(['slots' => [['id' => 'a', 'day' => 2, 'part' => 'evening', 'placement' => 'own-day', 'minutes' => 3, 'effort' => 6]]]);
        self::assertStringContainsString('the minutes do not hold more', implode(' ', (array) $this->propose($person, $three)->assertOk()->json('weeks.0.notes.*.sentence')));
        // A week of fourteen hard sessions is planned; its notes say what is wrong with it.
        $many = array_map(static fn(int $at): array => ['id' => "s{$at}", 'day' => intdiv($at, 2) + 1, 'part' => $at % 2 === 0 ? 'morning' : 'evening', 'placement' => 'own-day', 'minutes' => 20, 'effort' => 9], range(0, 13));
        $fourteen = $this->propose($person, self::wish(['slots' => $many]))->assertOk()->assertJsonCount(14, 'weeks.0.sessions');
        self::assertContains('week.recovery', (array) $fourteen->json('notes.*.rule'));
        self::assertContains('week.three-days-running', (array) $fourteen->json('notes.*.rule'));
    }

    public function test_a_practice_that_moves_to_another_time_zone_keeps_its_weeks(): void
    {
        $person = $this->placed();
        $this->take($person, self::id())->assertCreated();
        $this->trainer->practice->update(['time_zone' => 'Pacific/Auckland']);

        Carbon::setTestNow('2026-06-07 13:00:00');
        // Sunday noon in UTC is Monday there: the first week is past.
        $this->program($person)->assertOk()->assertJsonPath('program.weeks.0.monday', '2026-06-01')->assertJsonPath('program.weeks.0.when', 'past')->assertJsonPath('program.weeks.1.when', 'now');
    }

    public function test_a_proposal_says_which_placed_session_and_which_days_it_does_not_use(): void
    {
        $person = $this->placed();
        $session = $this->writtenSession($person, ['press-out/standing' => '2x10/side']);
        $this->putJson("/api/people/{$person}/weeks/2026-06-01", ['version' => 0, 'slots' => [['id' => 'mine', 'session' => $session, 'day' => 3, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 6, 'only' => null]], 'moves' => [], 'away' => []])->assertOk();
        $slot = static fn(string $id, int $day): array => ['id' => $id, 'day' => $day, 'part' => 'evening', 'placement' => 'own-day', 'minutes' => 20, 'effort' => 6];
        $said = fn(array $slots): array => array_column(array_filter((array) $this->propose($person, self::wish(['slots' => $slots]))->assertOk()->json('notes'), static fn(mixed $note): bool => is_array($note) && $note['rule'] === 'program.unused'), 'sentence');

        $days = count((array) $this->getJson("/api/people/{$person}")->json('trainingDays'));
        self::assertGreaterThan(1, $days);
        $sentences = $said([$slot('a', 2)]);
        self::assertStringContainsString('on Wednesday evening has no part in this program: in weeks that are written from it, it steps back.', $sentences[0]);
        self::assertSame("The program uses 1 of the {$days} days this person trains on.", $sentences[1]);
        self::assertSame([], $said([$slot('mine', 3), ...array_map(static fn(int $day): array => $slot("s{$day}", $day), range(4, 2 + $days))]));
    }

    public function test_programs_are_closed_while_a_danger_sign_stands(): void
    {
        $person = $this->placed();
        $this->postJson("/api/people/{$person}/screenings", self::answers('leg-pain'))->assertCreated();

        $this->program($person)->assertStatus(423);
        $this->propose($person)->assertStatus(423);
        $this->take($person, self::id())->assertStatus(423);
    }

    private function placed(): string
    {
        $person = $this->person();
        foreach (['front-plank/forearms-knees', 'side-bridge/knees-bent', 'all-fours/leg-lift', 'press-out/standing', 'bridge/march'] as $rung) {
            $this->place($person, $rung);
        }

        return $person;
    }

    private function withProgramRunOut(string $person): string
    {
        Carbon::setTestNow('2026-09-01 09:00:00');

        return implode(' ', (array) $this->program($person)->json('against.*.sentence'));
    }

    /** Something is done in the week of today. */
    private function train(string $person): void
    {
        $session = $this->writtenSession($person, ['press-out/standing' => '2x10/side']);
        $this->postJson("/api/people/{$person}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 300, 'sets' => [self::set('press-out/standing', 1, 8)]])->assertCreated();
    }

    /** @return TestResponse<Response> */
    private function program(string $person): TestResponse
    {
        return $this->getJson("/api/people/{$person}/program");
    }

    /**
     * @param array<array-key, mixed>|null $wish
     *
     * @return TestResponse<Response>
     */
    private function propose(string $person, ?array $wish = null): TestResponse
    {
        return $this->postJson("/api/people/{$person}/program/proposal", ['wish' => $wish ?? self::wish()]);
    }

    /**
     * @param array<array-key, mixed>|null $wish
     * @param list<string>|null            $mondays
     *
     * @return TestResponse<Response>
     */
    private function take(string $person, ?string $id = null, ?string $replaces = null, ?array $wish = null, ?array $mondays = null): TestResponse
    {
        return $this->postJson("/api/people/{$person}/programs", ['id' => $id ?? self::id(), 'replaces' => $replaces, 'mondays' => $mondays, 'why' => '', 'wish' => $wish ?? self::wish()]);
    }

    private function rungOn(string $person, string $ladder, string $monday): string
    {
        foreach ((array) $this->program($person)->json('program.staves') as $stave) {
            foreach (is_array($stave) && $stave['ladder'] === $ladder ? (array) $stave['cells'] : [] as $cell) {
                if (is_array($cell) && $cell['monday'] === $monday) {
                    return (string) $cell['rung'];
                }
            }
        }

        return '';
    }
}
