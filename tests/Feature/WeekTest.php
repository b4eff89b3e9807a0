<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Laying out a person's week over HTTP. Today is Monday 1 June 2026. */
final class WeekTest extends ApiTestCase
{
    private const EVENING_LIFTING = ['what' => 'lifting', 'heavy' => true, 'day' => 2, 'part' => 'evening'];

    public function test_an_empty_week_says_where_a_session_would_fit(): void
    {
        [$person, $session] = $this->personWithSession(['week' => [self::EVENING_LIFTING]]);

        $this->week($person)->assertOk()
            ->assertJsonPath('version', 0)
            ->assertJsonPath('clashes', [])
            ->assertJsonPath('sessions.0.id', $session)
            // The method's default is a finisher, and Tuesday is a training day.
            ->assertJsonPath('sessions.0.fits.day', 2)
            ->assertJsonPath('sessions.0.fits.placement', 'finisher')
            ->assertJsonPath('lowDays', 2);
    }

    public function test_what_a_session_is_where_it_is_put_is_the_methods_word(): void
    {
        [$person] = $this->personWithSession(['week' => [self::EVENING_LIFTING]]);
        $this->week($person)->assertJsonPath('days.1.roles', ['morning' => 'own-day', 'midday' => 'own-day', 'evening' => 'finisher']);

        $this->putJson('/api/method', ['version' => 1, 'answer' => 'frequency/short-daily'])->assertOk();
        $this->week($person)->assertJsonPath('days.1.roles', ['morning' => 'daily', 'midday' => 'daily', 'evening' => 'daily']);
    }

    public function test_a_clash_comes_with_its_reason_and_a_repair_that_mends_it(): void
    {
        [$person, $session] = $this->personWithSession(['week' => [self::EVENING_LIFTING]]);

        $answer = $this->layOut($person, [self::slot('a', $session, 2, 'midday')])->assertOk()->assertJsonPath('version', 1);
        self::assertSame('week.before-heavy-lifting', $answer->json('clashes.0.reason.rule'));
        self::assertSame([['day' => 2, 'part' => 'evening', 'minute' => null]], $answer->json('clashes.0.other'));
        $edit = $answer->json('clashes.0.repairs.0.edits.0');
        self::assertIsArray($edit);

        $mended = $this->layOut($person, [['id' => 'a', 'session' => $session, 'day' => $edit['day'], 'part' => $edit['part'], 'placement' => $edit['placement'], 'effort' => $edit['effort']]], 1)->assertOk();
        self::assertNotContains('week.before-heavy-lifting', array_column((array) $mended->json('clashes.*.reason'), 'rule'));
    }

    public function test_clock_times_are_kept_and_say_where_in_the_day_a_session_stands(): void
    {
        [$person, $session] = $this->personWithSession(['week' => [[...self::EVENING_LIFTING, 'time' => '18:00']]]);

        $early = $this->layOut($person, [[...self::slot('a', $session, 2, 'evening'), 'time' => '11:59']])->assertOk()
            ->assertJsonPath('slots.0.time', '11:59')->assertJsonPath('slots.0.part', 'midday')->assertJsonPath('other.0.time', '18:00');
        self::assertNotContains('week.before-heavy-lifting', array_column((array) $early->json('clashes.*.reason'), 'rule'));

        $late = $this->layOut($person, [[...self::slot('a', $session, 2, 'evening'), 'time' => '17:30']], 1)->assertOk();
        self::assertSame('week.before-heavy-lifting', $late->json('clashes.0.reason.rule'));
        self::assertNull($late->json('clashes.0.repairs.0.edits.0.time'), 'what is moved loses its clock time');

        $this->layOut($person, [[...self::slot('a', $session, 2, 'evening'), 'time' => '25:00']], 2)->assertUnprocessable();

        $this->layOut($person, [self::slot('a', $session, 4, 'evening')], 2)->assertOk()->assertJsonPath('slots.0.time', '17:30')->assertJsonPath('slots.0.day', 4);
        $this->layOut($person, [self::slot('a', $session, 4, 'morning')], 3)->assertOk()->assertJsonPath('slots.0.time', null);
        $this->layOut($person, [[...self::slot('a', $session, 4, 'evening'), 'time' => '17:30']], 4)->assertOk()->assertJsonPath('slots.0.time', '17:30');
        $this->layOut($person, [[...self::slot('a', $session, 4, 'evening'), 'time' => null]], 5)->assertOk()->assertJsonPath('slots.0.time', null);
    }

    public function test_a_shape_writes_its_sessions_and_waits_to_be_taken(): void
    {
        [$person] = $this->personWithSession();
        $this->postJson("/api/people/{$person}/placements", ['id' => self::id(), 'rung' => 'front-plank/forearms-knees', 'side' => 'both', 'reason' => ''])->assertCreated();
        $this->postJson("/api/people/{$person}/placements", ['id' => self::id(), 'rung' => 'press-out/standing', 'side' => 'both', 'reason' => ''])->assertCreated();
        $before = \App\Models\TrainingSession::query()->where('person_id', $person)->count();

        $shaped = $this->postJson("/api/people/{$person}/weeks/2026-06-01/shape", ['shape' => 'six-minutes'])->assertCreated()->assertJsonPath('label', 'Six minutes, really six');
        /** @var list<array<string, mixed>> $slots */
        $slots = (array) $shaped->json('slots');
        self::assertSame(360, \App\Models\TrainingSession::query()->whereKey($slots[0]['session'])->value('total_seconds'));
        self::assertSame($before + 1, \App\Models\TrainingSession::query()->where('person_id', $person)->count());
        $this->week($person)->assertJsonPath('shape', null)->assertJsonPath('slots', []);

        $this->layOut($person, $slots, 0, ['shape' => 'six-minutes'])->assertOk()->assertJsonPath('shape', 'six-minutes')->assertJsonPath('daysOff', false);
        $this->layOut($person, $slots, 1)->assertOk()->assertJsonPath('shape', 'six-minutes');
        $this->layOut($person, $slots, 2, ['shape' => null])->assertOk()->assertJsonPath('shape', null);
        $this->layOut($person, $slots, 3, ['shape' => 'triangle'])->assertUnprocessable();
        $this->postJson("/api/people/{$person}/weeks/2026-06-01/shape", ['shape' => 'triangle'])->assertUnprocessable();
        $this->postJson("/api/people/{$person}/weeks/soon/shape", ['shape' => 'six-minutes'])->assertUnprocessable();
    }

    public function test_what_shapes_wrote_and_nobody_took_is_let_go_of_after_a_day(): void
    {
        [$person] = $this->personWithSession();
        $this->postJson("/api/people/{$person}/placements", ['id' => self::id(), 'rung' => 'front-plank/forearms-knees', 'side' => 'both', 'reason' => ''])->assertCreated();
        $shape = fn(string $shape) => (array) $this->postJson("/api/people/{$person}/weeks/2026-06-01/shape", ['shape' => $shape])->assertCreated()->json('slots');
        $tried = $shape('daily-variation')[0]['session'];
        $taken = $shape('one-at-a-time')[0];
        $this->layOut($person, [$taken])->assertOk();
        $shape('daily-variation');
        self::assertNotNull(\App\Models\TrainingSession::query()->find($tried), 'undo may ask for it');

        $this->travelTo(now()->addDays(2));
        $shape('daily-variation');
        self::assertNull(\App\Models\TrainingSession::query()->find($tried));
        self::assertNotNull(\App\Models\TrainingSession::query()->find($taken['session']), 'it stands in the week');
    }

    public function test_a_week_kept_before_clock_times_reads_as_it_was(): void
    {
        [$person, $session] = $this->personWithSession();
        $this->layOut($person, [self::slot('a', $session, 2, 'evening')])->assertOk();
        \App\Models\Plan::query()->where('person_id', $person)->firstOrFail()->update(['slots' => [['id' => 'a', 'session' => $session, 'day' => 2, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 6, 'only' => null, 'since' => '2026-06-01']]]);

        $this->week($person)->assertOk()->assertJsonPath('slots.0.part', 'evening')->assertJsonPath('slots.0.time', null);
    }

    public function test_one_week_can_differ_from_every_week(): void
    {
        [$person, $session] = $this->personWithSession();
        $slots = [self::slot('a', $session, 2, 'evening'), self::slot('b', $session, 5, 'evening')];

        $this->layOut($person, $slots, 0, ['moves' => [['slot' => 'a', 'monday' => '2026-06-08', 'day' => 3, 'part' => 'morning', 'placement' => null, 'effort' => 5]], 'away' => ['2026-06-12']], '2026-06-10')
            ->assertOk()
            ->assertJsonPath('monday', '2026-06-08')
            ->assertJsonPath('placed.0.day', 3)->assertJsonPath('placed.0.moved', true)->assertJsonPath('placed.0.effort', 5)
            ->assertJsonPath('placed.1.state', 'away')
            ->assertJsonPath('days.4.away', true)
            ->assertJsonPath('coreDays', 1);
        $this->week($person)->assertJsonPath('placed.0.day', 2)->assertJsonPath('placed.0.moved', false)->assertJsonPath('coreDays', 2);
    }

    public function test_a_session_can_be_made_up_for_in_one_week_only(): void
    {
        [$person, $session] = $this->personWithSession();
        $this->layOut($person, [self::slot('a', $session, 2, 'evening'), [...self::slot('b', $session, 6, 'morning'), 'only' => '2026-06-01']])->assertJsonPath('coreDays', 2);

        $this->week($person, '2026-06-08')->assertJsonPath('coreDays', 1)->assertJsonCount(1, 'placed');
    }

    public function test_what_was_done_and_what_was_missed_is_seen(): void
    {
        [$person, $session] = $this->personWithSession();
        $this->logClean($person, $session);
        $this->layOut($person, [self::slot('a', $session, 1, 'evening'), self::slot('b', $session, 3, 'evening'), self::slot('c', $session, 5, 'evening')]);

        Carbon::setTestNow('2026-06-04 09:00:00');
        $this->week($person)
            ->assertJsonPath('placed.0.state', 'done')->assertJsonPath('placed.0.doneOn', '2026-06-01')
            ->assertJsonPath('placed.1.state', 'missed')
            ->assertJsonPath('placed.2.state', 'planned');
        // Placed today on yesterday's part of the week: nobody missed that.
        $this->layOut($person, [self::slot('a', $session, 1, 'evening'), self::slot('d', $session, 2, 'evening')], 1)->assertJsonPath('placed.0.state', 'done')->assertJsonPath('placed.1.state', 'planned');
    }

    public function test_a_sore_trunk_leaves_activation_only_for_today(): void
    {
        [$person, $session] = $this->personWithSession();
        $this->postJson("/api/people/{$person}/soreness", ['id' => self::id(), 'ofTen' => 5])->assertCreated();
        $this->week($person)->assertJsonPath('days.0.sore', 5)->assertJsonPath('days.0.activationOnly.rule', 'week.soreness');
        $this->getJson("/api/people/{$person}/sessions/{$session}/cues")->assertJsonPath('activationOnly.rule', 'week.soreness');

        Carbon::setTestNow('2026-06-01 10:00:00');
        $this->postJson("/api/people/{$person}/soreness", ['id' => self::id(), 'ofTen' => 2])->assertCreated();
        $this->week($person)->assertJsonPath('days.0.sore', 2)->assertJsonPath('days.0.activationOnly', null);
        $this->postJson("/api/people/{$person}/soreness", ['id' => self::id(), 'ofTen' => 11])->assertUnprocessable();
    }

    public function test_two_who_lay_out_the_same_week_do_not_overwrite_each_other(): void
    {
        [$person, $session] = $this->personWithSession();
        $this->layOut($person, [self::slot('a', $session, 2, 'evening')]);

        $this->layOut($person, [self::slot('a', $session, 4, 'evening')])->assertConflict()
            ->assertJsonPath('code', 'changed-meanwhile')
            ->assertJsonPath('present.slots.0.day', 2);
        $this->layOut($person, [self::slot('a', $session, 4, 'evening')], 1)->assertOk()->assertJsonPath('version', 2);
    }

    public function test_bad_input_is_told_in_sentences(): void
    {
        [$person, $session] = $this->personWithSession();
        [, $other] = $this->personWithSession();

        $this->layOut($person, [self::slot('a', $other, 2, 'evening')])->assertUnprocessable()
            ->assertJsonPath('fields', ['slots.0.session' => ['This session is not there any more. It was not placed.']]);
        $this->layOut($person, [self::slot('a', $session, 8, 'evening')])->assertUnprocessable();
        $this->layOut($person, array_map(static fn(int $at): array => self::slot("s{$at}", $session, 1, 'evening'), range(1, 22)))->assertUnprocessable()
            ->assertJsonPath('fields.slots.0', 'A week has room for 21 core sessions, three a day.');
        $this->getJson("/api/people/{$person}/weeks/next-week")->assertUnprocessable();
        // Fourteen hard sessions are no error: they are laid out, and the week says what is wrong with it.
        $heavy = array_map(static fn(int $at): array => [...self::slot("s{$at}", $session, intdiv($at, 2) + 1, $at % 2 === 0 ? 'morning' : 'evening'), 'effort' => 9], range(0, 13));
        $this->layOut($person, $heavy)->assertOk()->assertJsonPath('clashes.0.reason.rule', 'week.recovery');
    }

    public function test_other_training_of_every_second_week(): void
    {
        [$person] = $this->personWithSession(['week' => [[...self::EVENING_LIFTING, 'every' => 2, 'from' => '2026-06-03']]]);

        $this->week($person)->assertJsonPath('other.0.what', 'lifting')->assertJsonPath('other.0.every', 2);
        $this->week($person, '2026-06-08')->assertJsonPath('other', []);
    }

    public function test_the_session_at_hand_is_the_one_planned_today_then_the_next_then_the_newest(): void
    {
        [$person, $first] = $this->personWithSession();
        $second = $this->writtenSession($person, ['press-out/standing' => '2x10/side']);
        $next = fn(): mixed => $this->getJson("/api/people/{$person}/sessions")->assertOk()->json('next');
        self::assertSame($second, $next(), 'Nothing is planned: the newest.');

        $this->layOut($person, [self::slot('a', $first, 1, 'evening'), self::slot('b', $second, 3, 'evening')]);
        self::assertSame($first, $next());
        $this->logClean($person, $first);
        self::assertSame($second, $next(), 'That of today is done.');
        $this->layOut($person, [self::slot('a', $first, 1, 'evening'), self::slot('b', $second, 3, 'evening')], 1, ['away' => ['2026-06-03']]);
        self::assertSame($first, $next(), 'Wednesday is away; Monday is the next.');
    }

    public function test_the_week_is_closed_while_a_danger_sign_stands(): void
    {
        [$person, $session] = $this->personWithSession();
        $this->postJson("/api/people/{$person}/screenings", self::answers('leg-pain'))->assertCreated();

        $this->week($person)->assertStatus(423);
        $this->layOut($person, [self::slot('a', $session, 2, 'evening')])->assertStatus(423);
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array{string, string}
     */
    private function personWithSession(array $change = []): array
    {
        $person = $this->person($change);
        $this->place($person, 'press-out/standing');

        return [$person, $this->writtenSession($person, ['press-out/standing' => '2x10/side', 'front-plank/forearms-knees' => '2x20s', 'side-bridge/knees-bent' => '2x15s/side', 'all-fours/leg-lift' => '2x8/side'])];
    }

    private function logClean(string $person, string $session): void
    {
        $this->postJson("/api/people/{$person}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 900, 'sets' => [self::set('press-out/standing', 1, 10), self::set('press-out/standing', 2, 10)]])->assertCreated();
    }

    /** @return TestResponse<Response> */
    private function week(string $person, string $date = '2026-06-01'): TestResponse
    {
        return $this->getJson("/api/people/{$person}/weeks/{$date}");
    }

    /**
     * @param list<array<string, mixed>> $slots
     * @param array<string, mixed>       $change
     *
     * @return TestResponse<Response>
     */
    private function layOut(string $person, array $slots, int $version = 0, array $change = [], string $date = '2026-06-01'): TestResponse
    {
        return $this->putJson("/api/people/{$person}/weeks/{$date}", ['version' => $version, 'slots' => $slots, 'moves' => [], 'away' => [], ...$change]);
    }

    /** @return array<string, mixed> */
    private static function slot(string $id, string $session, int $day, string $part): array
    {
        return ['id' => $id, 'session' => $session, 'day' => $day, 'part' => $part, 'placement' => 'own-day', 'effort' => 6];
    }
}
