<?php

declare(strict_types=1);

namespace Tests\Feature;

use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\DoseWords;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

/** From the logged session to the decision that moves the board. */
final class DecisionTest extends ApiTestCase
{
    private const RUNG = 'press-out/standing';

    private string $person;

    private string $session;

    protected function setUp(): void
    {
        parent::setUp();
        $this->person = $this->person();
        $this->place($this->person, self::RUNG);
        $this->session = $this->writtenSession($this->person, [self::RUNG => '2x10/side']);
    }

    public function test_two_clean_sessions_a_week_apart_propose_a_climb_and_confirming_moves_the_board(): void
    {
        $this->decide($this->train('2026-06-01'), 'stay');
        $log = $this->train('2026-06-08');
        $review = $this->review();
        self::assertSame('climb', $review->json('pending.0.proposed'));
        self::assertSame('press-out/split-stance', $review->json('pending.0.to'));

        $this->decide($log, 'climb')->assertJsonPath('choice', 'climb')->assertJsonPath('canTakeBack', true);
        self::assertSame([], $this->review()->json('pending'));
        self::assertSame('press-out/split-stance', $this->stand()['rung']);
        self::assertSame('climb', DB::table('decisions')->latest('sequence')->value('choice'));
    }

    public function test_before_it_is_decided_a_choice_says_what_the_next_session_has_and_after_it_that_is_so(): void
    {
        $this->decide($this->train('2026-06-01'), 'stay');
        $log = $this->train('2026-06-08');
        $outcomes = array_column($this->review()->json('pending.0.outcomes'), null, 'choice');
        self::assertSame(['climb', 'stay', 'step-down'], array_keys($outcomes));
        self::assertSame('Press-out, split stance', $outcomes['climb']['rungName']);
        self::assertNull($outcomes['stay']['rungName']);

        foreach (['climb' => 'press-out/split-stance', 'stay' => self::RUNG, 'step-down' => 'press-out/standing-short'] as $choice => $rung) {
            $decision = $this->decide($log, $choice, 'as it felt');
            $next = array_column($this->getJson("/api/people/{$this->person}/sessions/next-doses")->json('doses'), null, 'rung')[$rung];
            self::assertSame([$outcomes[$choice]['dose'], $outcomes[$choice]['reason']['sentence']], [DoseWords::of(DoseLine::parse($next['dose'], Sidedness::OneSided)), $next['reason']['sentence']], $choice);
            $this->postJson("/api/people/{$this->person}/decisions/{$decision->json('id')}/take-back")->assertOk();
        }
    }

    public function test_once_everything_is_decided_the_session_at_hand_says_what_has_moved_on(): void
    {
        $log = $this->train('2026-06-01');
        // Each decision changes what it has.
        $this->review()->assertJsonPath('movedOn', null);
        $this->decide($log, 'climb', 'moves well');

        $this->review()->assertJsonPath('movedOn.session', $this->session)->assertJsonCount(1, 'movedOn.reasons')
            ->assertJsonPath('movedOn.reasons.0.sentence', '“Press-out, split stance” in place of “Press-out, standing”: the working rung by now.');
        self::assertSame([], $this->review()->json('pending'));
    }

    public function test_an_effort_is_marked_by_the_limit_of_the_person_not_by_one_for_all(): void
    {
        $this->train('2026-06-01');
        self::assertSame([false, false], $this->review()->json('pending.0.evidence.*.tooHard'));

        DB::table('people')->where('id', $this->person)->update(['birth_year' => 2012]);
        self::assertSame([true, true], $this->review()->json('pending.0.evidence.*.tooHard'));
    }

    public function test_a_wrong_place_is_kept_shown_and_answered_by_the_cue_first(): void
    {
        $this->travelTo('2026-06-01 09:00:00');
        $sets = [self::set(self::RUNG, 1, 10, ['felt' => 'low-back']), self::set(self::RUNG, 2, 10)];
        $this->postJson("/api/people/{$this->person}/logs", ['id' => self::id(), 'session' => $this->session, 'seconds' => 300, 'sets' => $sets])->assertCreated();

        $pending = $this->review()->assertJsonPath('pending.0.proposed', 'stay')->assertJsonPath('pending.0.evidence.0.felt', 'felt in the low back')->assertJsonPath('pending.0.evidence.1.felt', '');
        self::assertSame('decision.felt', $pending->json('pending.0.reasons.0.rule'));
        self::assertStringContainsString('Felt in the low back: say the cue for it first', (string) $pending->json('pending.0.reasons.0.sentence'));
        $this->postJson("/api/people/{$this->person}/logs", ['id' => self::id(), 'session' => $this->session, 'seconds' => 300, 'sets' => [self::set(self::RUNG, 1, 10, ['felt' => 'the moon'])]])->assertUnprocessable();
    }

    public function test_a_page_from_before_places_were_asked_for_still_logs(): void
    {
        $former = self::set(self::RUNG, 1, 10, ['feltWrong' => true]);
        unset($former['felt']);
        $this->postJson("/api/people/{$this->person}/logs", ['id' => self::id(), 'session' => $this->session, 'seconds' => 300, 'sets' => [$former]])->assertCreated();

        self::assertSame('elsewhere', DB::table('set_logs')->value('felt'));
    }

    public function test_sending_a_log_twice_saves_it_once(): void
    {
        $body = ['id' => self::id(), 'session' => $this->session, 'seconds' => 300, 'sets' => [self::set(self::RUNG, 1, 10), self::set(self::RUNG, 2, 10)]];
        $this->postJson("/api/people/{$this->person}/logs", $body)->assertCreated();
        $this->postJson("/api/people/{$this->person}/logs", $body)->assertCreated()->assertJsonPath('sets', 2);

        self::assertSame([1, 2], [DB::table('session_logs')->count(), DB::table('set_logs')->count()]);
    }

    public function test_the_minutes_in_which_something_was_done_count_and_an_odd_time_is_asked_about(): void
    {
        $body = ['id' => $id = self::id(), 'session' => $this->session, 'seconds' => null, 'moments' => [0, 40, 3601], 'sets' => [self::set(self::RUNG, 1, 10)]];
        $this->postJson("/api/people/{$this->person}/logs", $body)->assertCreated()->assertJsonPath('seconds', 40)
            ->assertJsonPath('odd.sentence', 'Counted: 40 s of training; as written these sets take 1 min 48 s.');

        $this->putJson("/api/people/{$this->person}/logs/{$id}/time", ['seconds' => 0])->assertUnprocessable();
        $this->putJson("/api/people/{$this->person}/logs/{$id}/time", ['seconds' => 120])->assertOk();
        self::assertSame(120, DB::table('session_logs')->where('id', $id)->value('seconds'));

        $this->postJson("/api/people/{$this->person}/logs", [...$body, 'id' => self::id(), 'moments' => [0, 110]])->assertCreated()->assertJsonPath('odd', null);
    }

    public function test_a_set_of_no_exercise_is_refused_and_nothing_is_half_saved(): void
    {
        $this->postJson("/api/people/{$this->person}/logs", ['id' => self::id(), 'session' => $this->session, 'seconds' => 1, 'sets' => [self::set(self::RUNG, 1, 10), self::set('side-bridge/knees-bent', 1, 10)]])
            ->assertUnprocessable()->assertJsonPath('code', 'session');

        self::assertSame([0, 0], [DB::table('session_logs')->count(), DB::table('set_logs')->count()]);
    }

    public function test_what_was_coached_counts_although_the_session_was_written_anew_meanwhile(): void
    {
        $this->putJson("/api/people/{$this->person}/sessions/{$this->session}", ['id' => $this->session, 'version' => 1, 'title' => 'Anew', 'minutes' => null, 'blocks' => self::blocks(['bridge/touch' => '1x10'])])->assertOk();
        $sets = [self::set(self::RUNG, 1, 10, ['rung' => self::RUNG, 'dose' => '2x10/side']), self::set(self::RUNG, 2, 10, ['rung' => self::RUNG, 'dose' => '2x10/side'])];
        $this->postJson("/api/people/{$this->person}/logs", ['id' => self::id(), 'session' => $this->session, 'seconds' => 300, 'sets' => $sets])->assertCreated();

        self::assertSame(self::RUNG, $this->review()->json('pending.0.rung'));
        self::assertSame(['2x10/side'], DB::table('set_logs')->distinct()->pluck('dose')->all());
    }

    public function test_a_set_of_no_rung_or_of_no_dose_is_refused(): void
    {
        foreach (['press-out/nowhere' => '2x10/side', self::RUNG => 'three times ten'] as $rung => $dose) {
            $this->postJson("/api/people/{$this->person}/logs", ['id' => self::id(), 'session' => $this->session, 'seconds' => 1, 'sets' => [self::set(self::RUNG, 1, 10, ['rung' => $rung, 'dose' => $dose])]])->assertUnprocessable();
        }
        self::assertSame(0, DB::table('session_logs')->count());
    }

    public function test_deciding_otherwise_needs_a_reason_which_is_kept(): void
    {
        $log = $this->train('2026-06-01');
        $body = ['id' => self::id(), 'log' => $log, 'ladder' => 'press-out', 'side' => 'both', 'choice' => 'climb', 'reason' => ''];
        $this->postJson("/api/people/{$this->person}/decisions", $body)->assertUnprocessable()->assertJsonPath('code', 'invalid');
        $this->postJson("/api/people/{$this->person}/decisions", [...$body, 'reason' => 'did this rung last year'])->assertCreated();

        self::assertSame(['stay', 'climb', 'did this rung last year'], array_values((array) DB::table('decisions')->select('proposed', 'choice', 'choice_reason')->first()));
    }

    public function test_a_decision_is_taken_once(): void
    {
        $log = $this->train('2026-06-01');
        $this->decide($log, 'stay');
        $this->postJson("/api/people/{$this->person}/decisions", ['id' => self::id(), 'log' => $log, 'ladder' => 'press-out', 'side' => 'both', 'choice' => 'stay', 'reason' => ''])
            ->assertConflict()->assertJsonPath('code', 'decided');
    }

    public function test_a_bad_next_morning_reopens_a_confirmed_decision(): void
    {
        $log = $this->train('2026-06-01');
        $this->decide($log, 'stay');
        self::assertSame([], $this->review()->json('pending'));
        $this->travelTo('2026-06-02 08:00:00');
        self::assertSame($log, $this->getJson("/api/people/{$this->person}/sessions/{$this->session}/cues")->json('morning.log'));
        $this->postJson("/api/people/{$this->person}/mornings", ['id' => self::id(), 'log' => $log, 'ladder' => 'press-out', 'pain' => 4, 'worse' => true])->assertCreated();

        $review = $this->review();
        self::assertSame('reopened by the next morning', $review->json('pending.0.news'));
        self::assertSame('stop-ladder', $review->json('pending.0.proposed'));
    }

    public function test_pain_that_a_correction_tells_of_on_a_second_ladder_is_asked_about_after_both_were_decided(): void
    {
        $plank = 'front-plank/forearms-knees';
        $this->place($this->person, $plank);
        $session = $this->writtenSession($this->person, [self::RUNG => '1x10/side', $plank => '1x20s']);
        $pressed = self::set(self::RUNG, 1, 10, ['pain' => 7]);
        $planked = self::set($plank, 1, 20, ['both' => 20, 'left' => null, 'right' => null]);
        $event = static fn(array $set, string $rung, string $dose): array => ['id' => self::id(), 'kind' => 'set', 'instead' => [], 'moments' => [], 'item' => $set['item'], 'number' => 1, 'set' => [...$set, 'rung' => $rung, 'dose' => $dose]];
        $ways = [
            fn(string $log): TestResponse => $this->postJson("/api/people/{$this->person}/logs", ['id' => $log, 'session' => $session, 'seconds' => 300, 'sets' => [$pressed, $planked]])->assertCreated(),
            fn(string $log): TestResponse => $this->postJson("/api/people/{$this->person}/trainings/{$log}", ['session' => $session, 'device' => self::id(), 'on' => now()->format('Y-m-d'), 'byHand' => false, 'startedAt' => 1000 * now()->getTimestamp(), 'sentAt' => 1000 * now()->getTimestamp(), 'events' => [$event($pressed, self::RUNG, '1x10/side'), $event($planked, $plank, '1x20s'), ['id' => self::id(), 'kind' => 'ended', 'instead' => [], 'moments' => []]]])->assertOk()->assertJsonPath('log.sets', 2),
        ];
        $correct = fn(string $log, array $set, int $pain): TestResponse => $this->postJson("/api/people/{$this->person}/logs/{$log}/corrections", ['id' => self::id(), ...array_intersect_key($set, array_flip(['item', 'set', 'both', 'left', 'right', 'effort'])), 'pain' => $pain])->assertCreated();

        foreach ($ways as $weeks => $tell) {
            $this->travelTo(Carbon::parse('2026-06-01 09:00:00')->addWeeks(5 * $weeks));
            $tell($log = self::id());
            $this->travel(1)->minutes();
            $this->decide($log, 'stay', 'A fall, not the exercise.');
            $this->postJson("/api/people/{$this->person}/decisions", ['id' => self::id(), 'log' => $log, 'ladder' => 'front-plank', 'side' => 'both', 'choice' => 'stay', 'reason' => ''])->assertCreated();
            $this->travel(1)->minutes();

            $correct($log, $pressed, 8);
            $this->review()->assertJsonPath('pending', []);
            $correct($log, $planked, 7);
            $this->review()->assertJsonCount(1, 'pending')->assertJsonPath('pending.0.ladder', 'front-plank')->assertJsonPath('pending.0.news', 'told only after the last decision or placing');
            $this->travel(1)->minutes();
            $this->postJson("/api/people/{$this->person}/decisions", ['id' => self::id(), 'log' => $log, 'ladder' => 'front-plank', 'side' => 'both', 'choice' => 'stay', 'reason' => 'The same fall.'])->assertCreated();
            $correct($log, $planked, 8);
            $this->review()->assertJsonPath('pending', []);
        }
    }

    public function test_a_stopped_ladder_leaves_the_session_and_opens_again_only_with_a_reason(): void
    {
        $log = $this->train('2026-06-01', ['pain' => 6]);
        $this->decide($log, 'stop-ladder');
        self::assertTrue($this->stand()['stopped']);
        $this->postJson("/api/people/{$this->person}/sessions/start", ['from' => 'board'])->assertOk()->assertJsonPath('preview.blocks', []);
        $write = fn(int $version, array $lines): TestResponse => $this->putJson("/api/people/{$this->person}/sessions/{$this->session}", ['id' => $this->session, 'version' => $version, 'title' => 'x', 'blocks' => self::blocks($lines)]);
        $write(1, ['press-out/seated' => '2x10/side'])->assertUnprocessable();
        $write(1, [self::RUNG => '2x8/side'])->assertOk();
        $this->getJson("/api/people/{$this->person}/sessions/{$this->session}/cues")->assertConflict()->assertJsonPath('code', 'nothing-left')->assertJsonPath('sentence', 'Nothing of this session can be trained today. Left out: the ladder of “Press-out, standing” was stopped after pain.');

        $this->travel(2)->days();
        $body = ['id' => self::id(), 'rung' => 'press-out/seated', 'side' => 'both', 'reason' => ''];
        $this->postJson("/api/people/{$this->person}/placements", $body)->assertUnprocessable();
        $this->postJson("/api/people/{$this->person}/placements", [...$body, 'reason' => 'pain free for two days'])->assertCreated();
        self::assertFalse($this->stand()['stopped']);
    }

    public function test_what_hurt_on_a_ladder_nobody_has_placed_them_on_is_decided_like_any_other(): void
    {
        $rung = 'all-fours/brace-breathe';
        $session = $this->writtenSession($this->person, [$rung => '1x3s']);
        $this->travelTo('2026-06-01 09:00:00');
        $this->postJson("/api/people/{$this->person}/logs", ['id' => $log = self::id(), 'session' => $session, 'seconds' => 90, 'sets' => [self::set($rung, 1, 3, ['both' => 3, 'left' => null, 'right' => null, 'pain' => 6])]])->assertCreated();
        $this->review()->assertJsonPath('pending.0.ladder', 'all-fours')->assertJsonPath('pending.0.proposed', 'stop-ladder');
        $this->getJson('/api/bench')->assertJsonPath('lines.0.sentence', 'Pain was told. One decision waits.');

        $decision = $this->postJson("/api/people/{$this->person}/decisions", ['id' => self::id(), 'log' => $log, 'ladder' => 'all-fours', 'side' => 'both', 'choice' => 'stop-ladder', 'reason' => ''])->assertCreated();
        $this->review()->assertJsonPath('pending', []);
        self::assertTrue((bool) DB::table('placements')->where('ladder', 'all-fours')->value('stopped'));
        $this->postJson("/api/people/{$this->person}/decisions/{$decision->json('id')}/take-back")->assertOk();
        $this->review()->assertJsonPath('pending.0.ladder', 'all-fours');
    }

    public function test_a_second_stop_within_28_days_is_referred_and_closes_the_person(): void
    {
        $this->decide($this->train('2026-06-01', ['pain' => 6]), 'stop-ladder');
        $this->travelTo('2026-06-05 09:00:00');
        $this->place($this->person, self::RUNG, reason: 'settled');
        $log = $this->train('2026-06-20', ['pain' => 7]);
        self::assertSame('refer', $this->review()->json('pending.0.proposed'));
        $this->decide($log, 'refer');

        $this->getJson("/api/people/{$this->person}")->assertJsonPath('standing.open', false);
        $this->postJson("/api/people/{$this->person}/sessions/start", ['from' => 'board'])->assertStatus(423);
    }

    public function test_taking_a_decision_back_puts_the_rung_back_and_lets_it_wait_again(): void
    {
        $this->decide($this->train('2026-06-01'), 'stay');
        $log = $this->train('2026-06-08');
        $decision = $this->decide($log, 'climb')->json('id');
        $this->postJson("/api/people/{$this->person}/decisions/{$decision}/take-back")->assertOk()->assertJsonPath('takenBack', true);
        self::assertSame('climb', $this->review()->json('pending.0.proposed'));

        self::assertSame(self::RUNG, $this->stand()['rung']);
        self::assertSame(2, DB::table('decisions')->count(), 'nothing decided is deleted');
    }

    public function test_an_older_decision_is_taken_back_too_and_names_the_moves_that_stay(): void
    {
        $this->decide($this->train('2026-06-01'), 'stay');
        $climbed = $this->decide($this->train('2026-06-08'), 'climb')->json('id');
        $this->travel(1)->days();
        $this->place($this->person, 'press-out/tall-kneeling');

        $this->postJson("/api/people/{$this->person}/decisions/{$climbed}/take-back")->assertOk()->assertJsonPath('stays', ['“Press-out, tall kneeling” of Tuesday 9 June']);
        self::assertSame('press-out/tall-kneeling', $this->stand()['rung']);
        $this->postJson("/api/people/{$this->person}/decisions/{$climbed}/take-back")->assertOk()->assertJsonPath('takenBack', true)->assertJsonPath('stays', ['“Press-out, tall kneeling” of Tuesday 9 June']);
    }

    public function test_a_referral_is_taken_back_on_its_day_and_from_then_on_only_cleared(): void
    {
        $log = $this->train('2026-06-01', ['pain' => 7]);
        $referred = $this->decide($log, 'refer', 'looked unwell')->json('id');
        $this->travelTo('2026-06-02 09:00:00');
        $this->postJson("/api/people/{$this->person}/decisions/{$referred}/take-back")->assertConflict()->assertJsonPath('code', 'not-to-be-taken-back');
        $this->getJson("/api/people/{$this->person}")->assertJsonPath('standing.open', false);
    }

    public function test_the_load_of_the_weeks_stands_beside_the_decisions(): void
    {
        // Nothing was logged yet.
        $this->review()->assertJsonPath('load.weeks', []);
        $this->train('2026-06-01');
        $this->train('2026-06-08');
        $weeks = (array) $this->review()->json('load.weeks');
        $last = $weeks[7];

        self::assertCount(8, $weeks);
        self::assertSame('2026-06-08', $last['last']);
        // Effort 7 for the 300 seconds of the session.
        self::assertSame([0, 0, 0, 0, 0, 0, 35], $last['days']);
        self::assertSame(35, $last['total']);
        self::assertStringContainsString('Foster 1998', $last['reason']['source']);
    }

    public function test_pain_has_a_side_where_the_exercise_has_one(): void
    {
        $this->train('2026-06-01', ['pain' => 2, 'painSide' => 'left']);
        $this->review()->assertJsonPath('pending.0.evidence.1.painSide', 'left')->assertJsonPath('pending.0.evidence.0.painSide', null);
    }

    public function test_missing_is_not_zero(): void
    {
        $this->decide($this->train('2026-06-01'), 'stay');
        $this->train('2026-06-08', ['pain' => null]);

        self::assertSame('stay', $this->review()->json('pending.0.proposed'));
        self::assertNull($this->review()->json('pending.0.evidence.1.pain'));
    }

    /** @param array<string, mixed> $lastSet */
    private function train(string $date, array $lastSet = []): string
    {
        $this->travelTo("{$date} 09:00:00");
        $this->postJson("/api/people/{$this->person}/logs", ['id' => $id = self::id(), 'session' => $this->session, 'seconds' => 300, 'sets' => [self::set(self::RUNG, 1, 12), self::set(self::RUNG, 2, 12, $lastSet)]])->assertCreated();
        $this->travel(20)->minutes();

        return $id;
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function decide(string $log, string $choice, string $reason = ''): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/api/people/{$this->person}/decisions", ['id' => self::id(), 'log' => $log, 'ladder' => 'press-out', 'side' => 'both', 'choice' => $choice, 'reason' => $reason])->assertCreated();
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function review(): \Illuminate\Testing\TestResponse
    {
        return $this->getJson("/api/people/{$this->person}/review")->assertOk();
    }

    /** @return array{rung: string, stopped: bool} */
    private function stand(): array
    {
        /** @var array{rung: string, stopped: bool} */
        return $this->getJson("/api/people/{$this->person}/board")->json('demands.3.ladders.0.stands.0');
    }

    public function test_pain_has_a_place_and_may_have_been_there_before(): void
    {
        $person = $this->person();
        $this->place($person, 'bridge/touch');
        $session = $this->writtenSession($person, ['bridge/touch' => '2x15']);
        $set = self::set('bridge/touch', 1, 15, ['both' => 15, 'left' => null, 'right' => null, 'pain' => 2, 'painPlace' => 'shoulder']);
        $log = fn(array $change) => $this->postJson("/api/people/{$person}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 90, 'painBefore' => [['place' => 'shoulder', 'side' => 'left', 'pain' => 2]], 'sets' => [$set, [...$set, 'set' => 2]], ...$change]);

        $log(['painBefore' => [['place' => 'tail', 'side' => null, 'pain' => 2]]])->assertUnprocessable()->assertJsonStructure(['fields' => ['painBefore.0.place']]);
        $log(['painBefore' => [['place' => 'wrist', 'side' => 'both', 'pain' => 11]]])->assertUnprocessable()->assertJsonStructure(['fields' => ['painBefore.0.side', 'painBefore.0.pain']]);
        $log([])->assertCreated();

        $evidence = $this->getJson("/api/people/{$person}/review")->assertOk()->assertJsonPath('pending.0.besides', ['Pain before the first set: left shoulder 2 of 10.'])->json('pending.0.evidence.0');
        self::assertSame([2, 'shoulder', true, false], [$evidence['pain'], $evidence['painPlace'], $evidence['painKept'], $evidence['painActs']]);
        self::assertSame('[{"place":"shoulder","side":"left","pain":2}]', DB::table('session_logs')->value('pain_before'));
    }
}
