<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Devices tell of a training event by event, as often as they like and in any order; each thing counts once. */
final class TrainingTest extends ApiTestCase
{
    private const RUNG = 'press-out/standing';

    private string $person;

    private string $session;

    private string $device;

    protected function setUp(): void
    {
        parent::setUp();
        $this->person = $this->person();
        $this->place($this->person, self::RUNG);
        $this->session = $this->writtenSession($this->person, [self::RUNG => '2x10/side']);
        $this->device = self::id();
    }

    public function test_a_training_counts_once_it_has_ended_whatever_came_when_and_how_often(): void
    {
        $training = self::id();
        $sent = [$first, $second, $ended] = [self::told(1, 10), self::told(2, 9), self::event('ended')];
        $this->tell($training, [$second])->assertJsonPath('sets', 1)->assertJsonPath('ended', false)->assertJsonPath('log', null);
        $this->tell($training, [$ended])->assertJsonPath('ended', true)->assertJsonPath('log.sets', 1);
        $this->tell($training, [$first, $second])->assertJsonPath('taken', [$first['id'], $second['id']])->assertJsonPath('log.sets', 2);
        $rows = fn(): array => array_values(DB::table('set_logs')->orderBy('set_number')->pluck('done_left')->all());
        self::assertSame([10, 9], $rows());

        foreach ([$sent, array_reverse($sent)] as $again) {
            $this->tell($training, $again)->assertJsonPath('refused', [])->assertJsonPath('log.sets', 2);
        }
        self::assertSame([1, 3, [10, 9]], [DB::table('session_logs')->count(), DB::table('training_events')->count(), $rows()]);
        $this->getJson("/api/people/{$this->person}/review")->assertJsonPath('pending.0.rung', self::RUNG);
    }

    public function test_what_is_taken_back_or_told_anew_after_the_end_changes_the_log_and_nothing_else(): void
    {
        $training = self::id();
        $this->tell($training, [$first = self::told(1, 10), $second = self::told(2, 9), self::event('ended')]);
        $before = DB::table('session_logs')->first(['id', 'sequence', 'done_on']);
        $this->tell($training, [self::told(1, 7, [], [$first['id']]), self::event('undone', ['item' => self::item(), 'number' => 2, 'instead' => [$second['id']]])])->assertJsonPath('log.sets', 1);

        self::assertSame([7], DB::table('set_logs')->pluck('done_left')->all());
        self::assertEquals($before, DB::table('session_logs')->first(['id', 'sequence', 'done_on']));
    }

    public function test_one_thing_that_cannot_be_taken_keeps_nothing_else_back(): void
    {
        $training = self::id();
        $unread = [...self::told(1, 10), 'set' => ['item' => self::item()]];
        $unknown = self::told(2, 10, ['rung' => 'press-out/nowhere', 'dose' => '2x10/side']);
        $answer = $this->tell($training, [$unread, 'what', $unknown, $sound = self::told(2, 10)]);
        $answer->assertJsonPath('taken', [$sound['id']]);
        self::assertSame([$unread['id'], '#1', $unknown['id']], $answer->json('refused.*.event'));
        self::assertStringContainsString('has no rung “press-out/nowhere”', (string) $answer->json('refused.2.sentence'));

        // The same number with something else is not taken, and what was stays.
        $this->tell($training, [[...$sound, 'set' => [...$sound['set'], 'pain' => null]]])->assertJsonPath('refused.0.sentence', 'Something else was told under this number before.');
        $this->tell(self::id(), [$sound])->assertJsonPath('taken', []);
        self::assertSame(1, DB::table('training_events')->count());
    }

    public function test_two_devices_on_one_session_are_asked_about_and_nothing_is_doubled_meanwhile(): void
    {
        [$one, $two] = [self::id(), self::id()];
        $this->tell($one, [$mine = self::told(1, 10), self::event('ended')]);
        $this->device = self::id();
        $this->travelTo('2026-06-01 09:20:00');
        $answer = $this->tell($two, [$theirs = self::told(1, 8), self::told(2, 8), self::event('ended')]);
        $answer->assertJsonPath('also.id', $one)->assertJsonPath('also.sets', 1)->assertJsonPath('log', null);
        self::assertSame(1, DB::table('session_logs')->count());
        $this->getJson("/api/people/{$this->person}/review")->assertJsonPath('unsettled.0.waits', 'two')
            ->assertJsonPath('unsettled.0.sentence', '“Lock-house floor” was logged on two devices on Monday 1 June: one training, or two?');
        $this->getJson('/api/bench')->assertJsonPath('lines.0.action', 'Decide');

        // The same one: what only one of them told counts, where they differ the first told holds until somebody says which.
        $answer = $this->tell($two, [$same = self::event('joined', ['other' => $one])]);
        $answer->assertJsonPath('also', null)->assertJsonPath('log.id', $one)->assertJsonPath('log.sets', 2)->assertJsonPath('differing.0.name', self::named());
        self::assertSame([$mine['id'], $theirs['id']], $answer->json('differing.0.ways.*.event'));
        self::assertSame([10, 8], DB::table('set_logs')->orderBy('set_number')->pluck('done_left')->all());
        $this->tell($two, [self::told(1, 8, [], [$mine['id'], $theirs['id']])])->assertJsonPath('differing', []);
        self::assertSame([8, 8], DB::table('set_logs')->orderBy('set_number')->pluck('done_left')->all());
        $this->getJson("/api/people/{$this->person}/review")->assertJsonPath('unsettled', []);

        // Another one after all.
        $this->tell($two, [self::event('apart', ['other' => $one, 'instead' => [$same['id']]])])->assertJsonPath('log.id', $two)->assertJsonPath('log.sets', 2);
        self::assertSame([1, 2], DB::table('set_logs')->selectRaw('count(*) as sets')->groupBy('session_log_id')->orderBy('sets')->pluck('sets')->all());
    }

    public function test_the_same_device_may_train_a_session_twice_a_day(): void
    {
        foreach ([self::id(), self::id()] as $training) {
            $this->tell($training, [self::told(1, 10), self::event('ended')])->assertJsonPath('also', null);
        }
        self::assertSame(2, DB::table('session_logs')->count());
    }

    public function test_a_training_of_last_evening_is_not_under_way_any_more(): void
    {
        $cues = "/api/people/{$this->person}/sessions/{$this->session}/cues";
        $this->travelTo('2026-06-01 21:00:00');
        $this->tell(self::id(), [self::told(1, 10)]);
        $this->getJson($cues)->assertJsonCount(1, 'underWay');
        $this->travelTo('2026-06-02 09:30:00');
        $this->getJson($cues)->assertJsonPath('underWay', []);
    }

    public function test_what_was_never_ended_is_asked_about_from_the_next_day_on(): void
    {
        $training = self::id();
        $this->tell($training, [self::told(1, 10)]);
        $this->getJson('/api/bench')->assertJsonPath('lines.0.action', 'Coach');
        $this->travelTo('2026-06-02 09:00:00');
        $this->getJson('/api/bench')->assertJsonPath('lines.0.sentence', 'The training of Monday 1 June was not ended: one set logged.')->assertJsonPath('lines.0.step', 'review');

        $this->tell($training, [self::event('ended')])->assertJsonPath('log.doneOn', '2026-06-01');
        $this->getJson('/api/bench')->assertJsonPath('lines.0.action', 'Decide');
    }

    public function test_the_day_can_be_set_and_a_clock_that_is_off_is_put_right_and_said(): void
    {
        $this->tell($late = self::id(), [self::told(1, 10), self::event('ended')], ['on' => '2026-05-30', 'byHand' => true])->assertJsonPath('log.doneOn', '2026-05-30')->assertJsonPath('clock', null);
        $this->tell($late, [], ['on' => '2026-05-29', 'byHand' => true])->assertJsonPath('log.doneOn', '2026-05-29');
        $this->tell($late, [], ['on' => '2026-06-02', 'byHand' => true])->assertJsonPath('on', '2026-06-01')->assertJsonPath('clock', 'Tuesday 2 June 2026 has not come yet: the training is kept under today.');

        $started = 1000 * (int) strtotime('2021-06-01 08:00:00 UTC');
        $this->tell(self::id(), [self::told(1, 10), self::event('ended')], ['on' => '2021-06-01', 'startedAt' => $started, 'sentAt' => $started + 600_000])
            ->assertJsonPath('log.doneOn', '2026-06-01')
            ->assertJsonPath('clock', 'The clock of this device is 1826 days behind: the training is kept under Monday 1 June 2026. Set the day by hand where that is wrong.');
    }

    public function test_what_was_placed_after_a_training_stands_after_it_however_late_that_is_told(): void
    {
        $started = 1000 * (int) strtotime('2026-06-01 08:00:00 UTC');
        $this->travelTo('2026-06-01 10:00:00');
        $this->place($this->person, 'press-out/seated', reason: 'Easier for now.');
        $this->travelTo('2026-06-01 12:00:00');
        $this->tell(self::id(), [self::told(1, 10), self::told(2, 10), self::event('ended')], ['startedAt' => $started])->assertJsonPath('log.sets', 2);

        $this->getJson("/api/people/{$this->person}/review")->assertJsonPath('pending', []);
    }

    public function test_pain_that_stops_a_ladder_is_asked_about_however_late_it_is_told_and_once(): void
    {
        $started = 1000 * (int) strtotime('2026-06-01 08:00:00 UTC');
        $this->travelTo('2026-06-01 10:00:00');
        $this->place($this->person, 'press-out/seated', reason: 'Easier for now.');
        $this->travelTo('2026-06-02 12:00:00');
        $late = [self::told(1, 10, ['pain' => 8]), self::told(2, 10), self::event('ended')];
        $this->tell($training = self::id(), $late, ['startedAt' => $started, 'on' => '2026-06-01']);

        $this->getJson("/api/people/{$this->person}/review")->assertJsonPath('pending.0.proposed', 'stop-ladder')->assertJsonPath('pending.0.news', 'told only after the last decision or placing')->assertJsonPath('pending.0.besides', ['Done was “Press-out, standing”, 4.0.']);
        $this->travelTo('2026-06-02 12:01:00');
        $this->postJson("/api/people/{$this->person}/decisions", ['id' => self::id(), 'log' => $training, 'ladder' => 'press-out', 'side' => 'both', 'choice' => 'stay', 'reason' => 'A fall, not the exercise.'])->assertCreated();
        $this->travelTo('2026-06-02 12:02:00');
        $this->tell($training, $late, ['startedAt' => $started, 'on' => '2026-06-01'])->assertJsonPath('log.sets', 2);
        $this->getJson("/api/people/{$this->person}/review")->assertJsonPath('pending', []);
    }

    public function test_pain_that_stops_a_ladder_holds_it_back_also_where_nobody_said_yet_whether_the_training_has_ended(): void
    {
        $cues = "/api/people/{$this->person}/sessions/{$this->session}/cues";
        $this->tell($training = self::id(), [self::told(1, 10, ['pain' => 8])]);
        $this->getJson($cues)->assertOk()->assertJsonPath('leftOut', []);

        $this->travelTo('2026-06-02 09:00:00');
        $this->getJson($cues)->assertConflict()->assertJsonPath('sentence', 'Nothing of this session can be trained today. Left out: “Press-out, standing” waits for a decision. Pain 8 of 10. The training of Monday 1 June was not ended: one set logged.');
        $this->getJson('/api/bench')->assertJsonPath('lines.0.sentence', 'Pain was told. The training of Monday 1 June was not ended: one set logged.')->assertJsonPath('lines.0.action', 'Settle it');

        $this->getJson("/api/people/{$this->person}/review")->assertJsonPath('unsettled.0.sentence', 'Pain 8 of 10 was told of the Press-out ladder: until this is settled nothing of it is trained. The training of Monday 1 June was not ended: one set logged.');

        $this->tell($training, [self::event('ended')])->assertJsonPath('log.sets', 1);
        $this->getJson($cues)->assertConflict();
        $this->getJson('/api/bench')->assertJsonPath('lines.0.sentence', 'Pain was told. One decision waits.')->assertJsonPath('lines.0.action', 'Decide');
    }

    public function test_pain_that_one_of_two_devices_tells_of_holds_the_ladder_back_before_it_is_settled(): void
    {
        $other = ['device' => self::id()];
        $this->tell(self::id(), [self::told(1, 10), self::event('ended')]);
        $this->travel(1)->minutes();
        $this->tell(self::id(), [self::told(1, 10, ['pain' => 8]), self::event('ended')], $other);

        $this->getJson("/api/people/{$this->person}/sessions/{$this->session}/cues")->assertConflict();
        $this->getJson('/api/bench')->assertJsonPath('lines.0.sentence', 'Pain was told. “Lock-house floor” was logged on two devices on Monday 1 June: one training, or two?');
    }

    public function test_what_happened_is_kept_also_where_training_is_closed_by_now(): void
    {
        $this->postJson("/api/people/{$this->person}/screenings", self::answers('saddle-numbness'))->assertCreated();
        $this->tell(self::id(), [self::told(1, 10), self::event('ended')])->assertJsonPath('log.sets', 1);
    }

    public function test_what_was_told_is_encrypted_and_can_be_gone_on_with_elsewhere(): void
    {
        $training = self::id();
        $this->tell($training, [$set = self::told(1, 10, ['pain' => 2, 'painNote' => 'a dull pull']), $before = self::event('before', ['before' => [['place' => 'shoulder', 'side' => 'left', 'pain' => 2]]])]);
        self::assertStringNotContainsString('dull', (string) DB::table('training_events')->where('id', $set['id'])->value('told'));

        $there = $this->getJson("/api/people/{$this->person}/trainings/{$training}")->assertOk()->assertJsonPath('sets', 1)->assertJsonPath('ended', false);
        self::assertSame([$set['id'], $before['id']], $there->json('events.*.id'));
        self::assertSame('a dull pull', $there->json('events.0.set.painNote'));
        $other = $this->person(['name' => 'Ilse Torvane']);
        $this->getJson("/api/people/{$other}/trainings/{$training}")->assertNotFound();
        $this->postJson("/api/people/{$other}/trainings/{$training}", $this->body([]))->assertNotFound();
        $elsewhere = $this->writtenSession($this->person, [self::RUNG => '1x10/side']);
        $this->postJson("/api/people/{$this->person}/trainings/{$training}", [...$this->body([]), 'session' => $elsewhere])->assertConflict()->assertJsonPath('code', 'other-log');
    }

    public function test_a_time_somebody_says_holds_over_the_moments(): void
    {
        $training = self::id();
        $this->tell($training, [self::told(1, 10, [], [], [0, 20]), self::event('ended', ['moments' => [40]])])->assertJsonPath('log.seconds', 40)->assertJsonPath('log.odd.rule', 'load.active-time');
        $this->tell($training, [self::event('time', ['seconds' => 120])])->assertJsonPath('log.seconds', 120)->assertJsonPath('log.odd', null);
    }

    public function test_sets_that_an_easier_version_took_over_are_logged_as_what_they_are_and_why_it_ended(): void
    {
        $this->tell($training = self::id(), [self::told(1, 10), self::told(2, 8, ['rung' => 'press-out/standing-short', 'dose' => '2x10/side']), self::event('ended', ['why' => 'form'])]);

        self::assertSame([self::RUNG, 'press-out/standing-short'], DB::table('set_logs')->orderBy('set_number')->pluck('rung')->all());
        self::assertSame('form', DB::table('session_logs')->where('id', $training)->value('ended_why'));
        $this->getJson("/api/people/{$this->person}/review")
            ->assertJsonPath('pending.0.rung', self::RUNG)
            ->assertJsonPath('pending.0.besides', ['One more set in an easier version: '.app(\App\Library\PracticeLibrary::class)->library()->rung('press-out/standing-short')->name.'.', 'The training ended before its last set: form was lost.']);
        $this->tell(self::id(), [self::event('ended', ['why' => 'weather'])])->assertJsonPath('taken', []);
    }

    public function test_an_easier_version_from_the_first_set_on_waits_for_a_decision(): void
    {
        $easier = ['rung' => 'press-out/half-kneeling-wide', 'dose' => '2x10/side'];
        $this->tell(self::id(), [self::told(1, 10, $easier), self::told(2, 10, $easier), self::event('ended')]);

        self::assertSame([self::RUNG], DB::table('set_logs')->distinct()->pluck('instead_of')->all());
        $this->getJson("/api/people/{$this->person}/review")
            ->assertJsonPath('pending.0.rung', self::RUNG)
            ->assertJsonPath('pending.0.proposed', 'step-down')
            ->assertJsonPath('pending.0.reasons.0.rule', 'decision.step-down-easier');
    }

    public function test_a_line_is_read_into_fields_and_keeps_nothing(): void
    {
        $line = fn(string $text) => $this->postJson("/api/people/{$this->person}/sessions/{$this->session}/line", ['line' => $text]);
        $line('yesterday press-out 10/9 10 e7 clean')->assertOk()
            ->assertJsonPath('daysAgo', 1)
            ->assertJsonPath('exercises.0', ['item' => self::item(), 'sets' => [['both' => null, 'left' => 10, 'right' => 9], ['both' => null, 'left' => 10, 'right' => 10]], 'effort' => 7, 'pain' => null, 'clean' => true, 'asked' => 'press-out', 'choices' => []]);
        $line('')->assertUnprocessable();
        self::assertSame(0, DB::table('trainings')->count());
    }

    public function test_a_morning_is_one_answer_and_counts_for_the_ladders_that_loaded_the_place(): void
    {
        $this->tell($log = self::id(), [self::told(1, 10), self::event('ended')]);
        $this->travelTo('2026-06-02 09:00:00');
        $cues = "/api/people/{$this->person}/sessions/{$this->session}/cues";
        $this->getJson($cues)->assertJsonPath('morning.log', $log)->assertJsonPath('morning.pain', 0);

        $today = self::id();
        $this->tell($today, [$told = self::event('morning', ['other' => $log, 'pains' => [['place' => 'low-back', 'side' => null, 'pain' => 4, 'worse' => true], ['place' => 'knee', 'side' => 'left', 'pain' => 2, 'worse' => false]]])])->assertJsonPath('taken', [$told['id']]);
        self::assertEquals([(object) ['ladder' => 'press-out', 'pain' => 4, 'worse' => 1, 'place' => 'low-back']], DB::table('mornings')->get(['ladder', 'pain', 'worse', 'place'])->all());
        $this->getJson($cues)->assertJsonPath('morning', null);
        $this->getJson("/api/people/{$this->person}/review")->assertJsonPath('pending.0.proposed', 'stop-ladder')->assertJsonPath('pending.0.morningPain', 4)->assertJsonPath('morning', null);

        // Told again it is one; told anew it takes the place of the first.
        $this->tell($today, [$told, self::event('morning', ['other' => $log, 'pains' => [], 'instead' => [$told['id']]])]);
        self::assertSame([0], DB::table('mornings')->pluck('pain')->all());
        $this->tell($today, [$foreign = self::event('morning', ['other' => self::id(), 'pains' => []])])->assertJsonPath('refused.0.sentence', 'The session this morning comes after is not kept here.');
        self::assertSame(['press-out'], DB::table('mornings')->pluck('ladder')->all());
    }

    /**
     * @param list<mixed>          $events
     * @param array<string, mixed> $change
     *
     * @return TestResponse<Response>
     */
    private function tell(string $training, array $events, array $change = []): TestResponse
    {
        return $this->postJson("/api/people/{$this->person}/trainings/{$training}", [...$this->body($events), ...$change])->assertOk();
    }

    /**
     * @param list<mixed> $events
     *
     * @return array<string, mixed>
     */
    private function body(array $events): array
    {
        $now = 1000 * now()->getTimestamp();

        return ['session' => $this->session, 'device' => $this->device, 'on' => now()->format('Y-m-d'), 'byHand' => false, 'startedAt' => $now, 'sentAt' => $now, 'events' => $events];
    }

    private static function named(): string
    {
        return app(\App\Library\PracticeLibrary::class)->library()->rung(self::RUNG)->name;
    }

    private static function item(): string
    {
        return str_replace('/', '-', self::RUNG);
    }

    /**
     * @param array<string, mixed> $change
     * @param list<string>         $instead
     * @param list<int>            $moments
     *
     * @return array{id: string, set: array<string, mixed>, ...} a set done
     */
    private static function told(int $number, int $each, array $change = [], array $instead = [], array $moments = []): array
    {
        return [...self::event('set', ['instead' => $instead, 'moments' => $moments]), 'item' => self::item(), 'number' => $number, 'set' => [...self::set(self::RUNG, $number, $each), 'rung' => self::RUNG, 'dose' => '2x10/side', ...$change]];
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array{id: string, ...}
     */
    private static function event(string $kind, array $more = []): array
    {
        $event = ['kind' => $kind, 'instead' => [], 'moments' => [], ...$more];
        $event['id'] = self::id();

        return $event;
    }
}
