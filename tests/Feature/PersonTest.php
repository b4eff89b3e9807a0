<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

final class PersonTest extends ApiTestCase
{
    public function test_adding_a_person_twice_with_one_id_adds_one(): void
    {
        $id = self::id();
        $this->postJson('/api/people', self::fields($id))->assertCreated();
        $this->postJson('/api/people', self::fields(strtoupper($id)))->assertCreated()->assertJsonPath('id', $id);

        self::assertSame(1, DB::table('people')->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badInput(): iterable
    {
        yield 'no name' => [['name' => '   '], 'name', 'A person needs a name.'];
        yield 'a name of 300 characters' => [['name' => str_repeat('n', 300)], 'name', 'A name has at most 120 characters.'];
        yield 'no training day' => [['trainingDays' => []], 'trainingDays', 'Choose at least one training day.'];
        yield 'no minutes' => [['minutes' => 0], 'minutes', 'From 3 to 180 minutes.'];
        yield 'kit nobody has' => [['places' => [['name' => 'home', 'kit' => ['trampoline'], 'weights' => '']]], 'places.0.kit.0', 'This is not one of the choices.'];
        yield 'weights nobody can read' => [['places' => [['name' => 'home', 'kit' => [], 'weights' => 'a few']]], 'places.0.weights', 'Write the weights in kilograms with commas between, such as 4, 8, 12.5.'];
        yield 'nowhere to train' => [['places' => []], 'places', 'Name at least one place to train.'];
        yield 'two places of one name' => [['places' => [['name' => 'home', 'kit' => [], 'weights' => ''], ['name' => 'Home', 'kit' => [], 'weights' => '']]], 'places.0.name', 'Two places have this name.'];
        yield 'born in 1850' => [['birthYear' => 1850], 'birthYear', 'A year of birth from 1916 to 2021.'];
        yield 'as small as a cat' => [['stature' => 30], 'stature', 'A height from 80 to 230 cm.'];
        yield 'as heavy as a horse' => [['mass' => 500], 'mass', 'A weight from 15 to 300 kg.'];
        yield 'born next year' => [['birthYear' => 2027], 'birthYear', 'A year of birth from 1916 to 2021.'];
        yield 'a limit that begins tomorrow' => [['limits' => [['state' => 'wrist-pain', 'side' => 'left', 'note' => '', 'since' => '2026-06-02']]], 'limits.0.since', 'This cannot be in the future.'];
        yield 'a limit of which only a note is told' => [['limits' => [['state' => '', 'side' => 'left', 'note' => 'hurts since the fall']]], 'limits.0.state', 'Choose what the limit is.'];
        yield 'a limit that only age gives' => [['limits' => [['state' => 'over-65', 'side' => 'both', 'note' => '']]], 'limits.0.state', 'This is not one of the choices.'];
        yield 'a share of 400' => [['shares' => ['anti-extension' => 400]], 'shares.anti-extension', 'From 0 to 100.'];
        yield 'a limit that is not in the table' => [['limits' => [['state' => 'tired', 'side' => 'both', 'note' => '']]], 'limits.0.state', 'This is not one of the choices.'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badInput')]
    public function test_bad_input_gets_a_sentence_and_nothing_is_saved(array $change, string $field, string $sentence): void
    {
        $answer = $this->postJson('/api/people', [...self::fields(self::id()), ...$change])->assertUnprocessable();

        self::assertSame([$sentence], $answer->json('fields')[$field] ?? null, (string) $answer->getContent());
        self::assertSame(0, DB::table('people')->count());
    }

    public function test_a_name_with_html_is_kept_as_the_text_it_is(): void
    {
        $id = $this->person(['name' => '<b>Maud</b> & "Co"']);

        $this->getJson("/api/people/{$id}")->assertOk()->assertJsonPath('name', '<b>Maud</b> & "Co"');
    }

    public function test_two_people_editing_the_same_person_get_both_states_and_nothing_is_overwritten(): void
    {
        $id = $this->person();
        $this->putJson("/api/people/{$id}", [...self::fields($id), 'version' => 1, 'minutes' => 30])->assertOk()->assertJsonPath('version', 2);

        $this->putJson("/api/people/{$id}", [...self::fields($id), 'version' => 1, 'minutes' => 40])
            ->assertConflict()->assertJsonPath('code', 'changed-meanwhile')->assertJsonPath('present.minutes', 30)->assertJsonPath('present.version', 2);
        $this->getJson("/api/people/{$id}")->assertJsonPath('minutes', 30);
    }

    public function test_a_limit_two_people_noted_at_once_in_different_ways_is_not_lost(): void
    {
        $id = $this->person(['limits' => [['state' => 'kneeling-pain', 'side' => 'left', 'note' => '', 'since' => null]]]);
        $knee = ['state' => 'kneeling-pain', 'side' => 'left', 'note' => ''];
        $wrist = ['state' => 'wrist-pain', 'side' => 'left', 'note' => 'since the tour', 'since' => null];
        $mine = [...self::fields($id), 'version' => 1, 'limits' => [$knee, $wrist]];
        $this->putJson("/api/people/{$id}", $mine)->assertOk();
        $this->putJson("/api/people/{$id}", $mine)->assertOk()->assertJsonPath('version', 2);

        foreach ([
            'another limit' => [$knee, ['state' => 'osteoporosis', 'side' => 'both', 'note' => '']],
            'one more' => [$knee, $wrist, ['state' => 'osteoporosis', 'side' => 'both', 'note' => '']],
            'one lifted' => [$wrist],
            'the other side' => [$knee, [...$wrist, 'side' => 'right']],
            'other words' => [$knee, [...$wrist, 'note' => 'worse']],
            'another day' => [$knee, [...$wrist, 'since' => '2026-04-02']],
        ] as $what => $limits) {
            self::assertSame(409, $this->putJson("/api/people/{$id}", [...$mine, 'limits' => $limits])->status(), $what);
        }
        $this->getJson("/api/people/{$id}")->assertJsonPath('version', 2)->assertJsonCount(2, 'limits')->assertJsonPath('limits.1.note', 'since the tour');
    }

    public function test_the_whole_intake_is_kept_as_it_was_entered(): void
    {
        $whole = [
            'birthYear' => 1988, 'stature' => 168, 'mass' => 61, 'sex' => 'female', 'hand' => 'left', 'injuredSide' => 'right', 'notes' => 'Sleeps badly before concerts.', 'consentedOn' => '2026-05-30',
            'places' => [['name' => 'room', 'kit' => ['mat', 'bench'], 'weights' => ''], ['name' => 'home', 'kit' => ['wall'], 'weights' => '']], 'place' => 1,
            'week' => [['what' => 'lifting', 'heavy' => true, 'day' => 2, 'part' => 'evening', 'every' => 2, 'from' => '2026-06-03', 'time' => '18:30']],
            'limits' => [['state' => 'wrist-pain', 'side' => 'left', 'note' => 'since the tour', 'since' => '2026-04-02']],
        ];
        $id = $this->person($whole);

        $kept = $this->getJson("/api/people/{$id}")->assertOk();
        foreach (['birthYear', 'sex', 'hand', 'injuredSide', 'notes', 'consentedOn', 'places', 'place', 'week'] as $field) {
            $kept->assertJsonPath($field, $whole[$field]);
        }
        $kept->assertJsonPath('kit', ['wall'])->assertJsonPath('limits.0.since', '2026-04-02')->assertJsonPath('cautions.0.origin', 'noted on Thursday 2 April');
        self::assertStringNotContainsString('concerts', (string) json_encode(DB::table('people')->get()));

        // A page of an earlier version, still open, sends no clock times: those there are stay.
        unset($whole['week'][0]['time']);
        $this->putJson("/api/people/{$id}", [...self::fields($id), ...$whole, 'version' => 1])->assertOk()->assertJsonPath('week.0.time', '18:30');
    }

    public function test_shares_are_those_of_the_aim_until_the_trainer_sets_own_ones(): void
    {
        $id = $this->person(['aim' => 'strength']);
        $this->getJson("/api/people/{$id}")->assertJsonPath('ownShares', false)->assertJsonPath('shares.anti-extension', 25);

        $own = ['anti-extension' => 10, 'anti-lateral-flexion' => 10, 'anti-flexion' => 10, 'anti-rotation' => 50, 'hip-stability' => 10, 'shoulder-girdle-stability' => 10];
        $this->putJson("/api/people/{$id}", [...self::fields($id), 'version' => 1, 'aim' => 'strength', 'shares' => $own])->assertOk()->assertJsonPath('ownShares', true);
        $this->place($id, 'press-out/standing');
        $shares = (array) $this->postJson("/api/people/{$id}/sessions/preview", ['blocks' => self::blocks(['press-out/standing' => '2x10/side'])])->assertOk()->json('shares');
        self::assertSame(500, collect($shares)->firstWhere('demand', 'anti-rotation')['target'] ?? null, 'the composer measures against the own shares');
    }

    public function test_the_place_decides_which_rungs_the_kit_closes(): void
    {
        $places = [['name' => 'room', 'kit' => ['band'], 'weights' => ''], ['name' => 'home', 'kit' => [], 'weights' => '']];
        $id = $this->person(['places' => $places]);
        $this->place($id, 'press-out/standing-short');

        $this->putJson("/api/people/{$id}", [...self::fields($id), 'version' => 1, 'places' => $places, 'place' => 1])->assertOk()->assertJsonPath('kit', []);
        $this->postJson("/api/people/{$id}/placements", ['id' => self::id(), 'rung' => 'press-out/standing', 'side' => 'both', 'reason' => ''])
            ->assertUnprocessable()->assertJsonPath('fields.rung.0', '“Press-out, standing” needs band and anchor, cable or partner as resistance: none at hand.');
    }

    public function test_age_asks_for_care_without_being_ticked(): void
    {
        $id = $this->person(['birthYear' => 1950]);

        $this->getJson("/api/people/{$id}")->assertJsonPath('limits', [])->assertJsonPath('cautions.0.name', 'over 65')->assertJsonPath('cautions.0.origin', 'born in 1950')->assertJsonPath('cautions.0.effects', ['wall and chair versions first']);
    }

    public function test_someone_put_away_leaves_the_bench_keeps_everything_and_comes_back(): void
    {
        $id = $this->person();
        $this->place($id, 'press-out/standing');
        $this->postJson("/api/people/{$id}/archive")->assertOk()->assertJsonPath('archivedOn', '2026-06-01');
        $this->getJson('/api/bench')->assertJsonPath('lines', []);
        $this->getJson('/api/people')->assertJsonPath('people', [])->assertJsonPath('counts.putAway', 1);
        $this->getJson('/api/people?show=put-away')->assertJsonPath('people.0.archivedOn', '2026-06-01');

        $this->deleteJson("/api/people/{$id}/archive")->assertOk()->assertJsonPath('archivedOn', null);
        $this->getJson('/api/bench')->assertJsonPath('lines.0.id', $id);
        self::assertSame(1, DB::table('placements')->count());
    }

    public function test_danger_signs_are_asked_again_when_they_are_twelve_weeks_old(): void
    {
        $id = $this->person();
        $this->getJson("/api/people/{$id}")->assertJsonPath('rescreen', null);
        $this->travel(84)->days();

        $this->getJson("/api/people/{$id}")->assertJsonPath('rescreen.sentence', 'The danger signs were last asked for 12 weeks ago: ask again.')->assertJsonPath('steps.0.state', 'attention');
        $this->getJson('/api/bench')->assertJsonPath('lines.0.action', 'Ask the danger signs');
    }

    public function test_with_a_hernia_weights_wait_for_a_clearance_and_close_again_when_it_runs_out(): void
    {
        $hernia = static fn(bool $cleared): array => [['state' => 'hernia', 'side' => 'both', 'note' => '', 'cleared' => $cleared]];
        $places = [['name' => 'room', 'kit' => ['kettlebell'], 'weights' => '']];
        $id = $this->person(['limits' => $hernia(false), 'places' => $places]);
        $carry = ['id' => self::id(), 'rung' => 'carry/one-side-light', 'side' => 'both', 'reason' => ''];
        $this->postJson("/api/people/{$id}/placements", $carry)->assertUnprocessable();
        $save = fn(int $version) => $this->putJson("/api/people/{$id}", [...self::fields($id), 'version' => $version, 'limits' => $hernia(true), 'places' => $places]);
        $save(1)->assertUnprocessable()->assertJsonPath('fields.limits.0', 'Record the clinician’s clearance first: it says who cleared what, and until when.');

        $this->postJson("/api/people/{$id}/clearances", ['id' => self::id(), 'clinician' => 'Dr. Ferris Oll', 'scope' => 'light carries', 'from' => '2026-06-01', 'until' => '2026-06-30'])->assertCreated();
        $save(1)->assertOk();
        $this->postJson("/api/people/{$id}/placements", $carry)->assertCreated();
        $this->travelTo('2026-07-01 09:00:00');
        $this->postJson("/api/people/{$id}/placements", [...$carry, 'id' => self::id()])->assertUnprocessable();
    }

    public function test_a_limit_that_is_taken_away_is_lifted_and_kept(): void
    {
        $id = $this->person(['limits' => [['state' => 'wrist-pain', 'side' => 'left', 'note' => 'sore']]]);
        $this->putJson("/api/people/{$id}", [...self::fields($id), 'version' => 1])->assertOk()->assertJsonPath('limits', []);

        self::assertSame(['2026-06-01'], DB::table('person_limits')->pluck('lifted_on')->all());
    }

    public function test_a_danger_sign_closes_plan_session_and_coaching_until_a_clearance(): void
    {
        $id = $this->person();
        $this->place($id, 'press-out/standing');
        $session = $this->writtenSession($id, ['press-out/standing' => '2x10/side']);
        $this->postJson("/api/people/{$id}/screenings", self::answers('leg-pain', 'saddle-numbness'))
            ->assertCreated()->assertJsonPath('standing.open', false)->assertJsonPath('standing.urgency', 'emergency');

        $this->postJson("/api/people/{$id}/sessions/start", ['from' => 'board'])->assertStatus(423)->assertJsonPath('code', 'danger-sign');
        $this->postJson("/api/people/{$id}/sessions/preview", ['blocks' => []])->assertStatus(423);
        $this->postJson("/api/people/{$id}/sessions", ['id' => self::id(), 'version' => 0, 'title' => 'x', 'blocks' => self::blocks(['press-out/standing' => '2x10/side'])])->assertStatus(423);
        foreach (['', '/sheet', '/cues'] as $what) {
            $this->getJson("/api/people/{$id}/sessions/{$session}{$what}")->assertStatus(423);
        }
        $this->putJson("/api/people/{$id}/sessions/{$session}", ['id' => $session, 'version' => 1, 'title' => 'x', 'blocks' => self::blocks(['press-out/standing' => '2x10/side'])])->assertStatus(423);
        $this->postJson("/api/people/{$id}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 60, 'sets' => [self::set('press-out/standing', 1, 10)]])->assertStatus(423);
        $this->postJson("/api/people/{$id}/placements", ['id' => self::id(), 'rung' => 'press-out/seated', 'side' => 'both', 'reason' => ''])->assertStatus(423);

        $this->postJson("/api/people/{$id}/decisions", ['id' => self::id(), 'log' => self::id(), 'ladder' => 'press-out', 'side' => 'both', 'choice' => 'stay', 'reason' => ''])->assertStatus(423);

        $this->travel(1)->seconds();
        $this->postJson("/api/people/{$id}/clearances", ['id' => self::id(), 'clinician' => 'Dr. Ferris Oll', 'scope' => 'bracing only', 'from' => '2026-06-01', 'until' => '2026-05-30'])
            ->assertUnprocessable();
        $this->postJson("/api/people/{$id}/clearances", ['id' => self::id(), 'clinician' => 'Dr. Ferris Oll', 'scope' => 'bracing only', 'from' => '2026-06-01', 'until' => '2026-07-30'])
            ->assertCreated()->assertJsonPath('standing.open', true);
        $this->postJson("/api/people/{$id}/sessions/start", ['from' => 'board'])->assertOk();

        $this->travelTo('2026-07-31 09:00:00');
        $this->postJson("/api/people/{$id}/sessions/start", ['from' => 'board'])->assertStatus(423);
    }

    public function test_a_danger_sign_is_named_by_its_word_and_once_and_what_is_not_says_where(): void
    {
        $this->postJson('/api/people', self::fields($id = self::id()))->assertCreated();
        $this->postJson("/api/people/{$id}/screenings", [...self::answers(), 'signs' => ['leg-pain', 7, 'back-itch', 'leg-pain']])->assertUnprocessable()
            ->assertJsonPath('fields', ['signs.1' => ['This has to be text.'], 'signs.2' => ['This is not one of the choices.'], 'signs.3' => ['This is in the list twice.']]);
        $this->postJson("/api/people/{$id}/screenings", [...self::answers(), 'denied' => array_fill(0, 41, 'leg-pain')])->assertUnprocessable()
            ->assertJsonPath('fields', ['denied' => ['At most 40 entries fit here.']]);
    }

    public function test_no_to_every_question_is_no_to_each_of_them(): void
    {
        $this->postJson('/api/people', self::fields($id = self::id()))->assertCreated();
        $answers = self::answers();
        $this->postJson("/api/people/{$id}/screenings", [...$answers, 'denied' => array_slice((array) $answers['denied'], 1)])->assertUnprocessable()
            ->assertJsonPath('sentence', 'One question is not answered yet: training opens only when each was asked.');
        self::assertNull($this->getJson("/api/people/{$id}")->json('screening'));

        $this->postJson("/api/people/{$id}/screenings", [...$answers, 'asked' => 'guardian'])->assertCreated()
            ->assertJsonPath('screening.by', 'Wren Aldous')->assertJsonPath('screening.asked', 'a parent or guardian');
    }

    public function test_a_mistaken_yes_is_taken_back_with_a_reason_and_opens_nothing_by_itself(): void
    {
        $id = $this->person();
        $this->travel(1)->minutes();
        $yes = $this->postJson("/api/people/{$id}/screenings", self::answers('chest-pressure'))->assertJsonPath('standing.open', false)->assertJsonPath('screening.mayTakeBack', true);
        $address = "/api/people/{$id}/screenings/".$yes->json('screening.id').'/take-back';
        $this->postJson($address, ['reason' => ''])->assertUnprocessable();

        $other = \App\Models\User::query()->create(['practice_id' => $this->trainer->practice_id, 'name' => 'Ottilie Garrow', 'email' => 'ottilie@tarn-row.example', 'password' => 'a-demo-password', 'role' => 'trainer']);
        $this->actingAs($other)->postJson($address, ['reason' => 'not mine'])->assertConflict();
        $this->actingAs($this->trainer)->postJson($address, ['reason' => 'pressed the wrong key'])->assertOk()
            ->assertJsonPath('standing.open', true)->assertJsonPath('takenBack.0.reason', 'pressed the wrong key');
        self::assertStringNotContainsString('wrong key', (string) DB::table('screenings')->whereNotNull('withdrawn_at')->value('withdrawn_because'));
    }

    public function test_the_day_after_a_yes_only_a_clearance_opens_training(): void
    {
        $id = $this->person();
        $this->travel(1)->minutes();
        $yes = $this->postJson("/api/people/{$id}/screenings", self::answers('leg-pain'))->json('screening.id');
        $this->travel(1)->days();
        $this->postJson("/api/people/{$id}/screenings/{$yes}/take-back", ['reason' => 'too late'])->assertConflict();

        // Asked again, no to all: what was answered with yes still closes, and is still what is named.
        $this->postJson("/api/people/{$id}/screenings", self::answers())->assertCreated()
            ->assertJsonPath('standing.open', false)->assertJsonPath('closing.0.value', 'leg-pain')->assertJsonPath('screening.signs', []);
    }

    public function test_a_clearance_recorded_by_mistake_is_taken_back_and_training_closes_again(): void
    {
        $id = $this->person();
        $this->travel(1)->seconds();
        $this->postJson("/api/people/{$id}/screenings", self::answers('leg-pain'))->assertCreated();
        $this->travel(1)->seconds();
        $cleared = $this->postJson("/api/people/{$id}/clearances", ['id' => self::id(), 'clinician' => 'Dr. Ferris Oll', 'scope' => 'bracing only', 'from' => '2026-06-01', 'until' => '2026-07-30'])->assertJsonPath('standing.open', true);

        $number = $cleared->json('clearances.0.id');
        $clearance = "/api/people/{$id}/clearances/{$number}";
        $back = "/api/people/{$id}/taken-back/clearances/{$number}";
        $this->deleteJson($clearance)->assertOk()->assertJsonPath('standing.open', false)->assertJsonPath('clearances', []);
        self::assertSame(1, DB::table('clearances')->count(), 'what was recorded is kept');
        $this->postJson($back)->assertNoContent();
        $this->getJson("/api/people/{$id}")->assertJsonPath('standing.open', true)->assertJsonPath('clearances', $cleared->json('clearances'));

        $this->deleteJson($clearance)->assertOk();
        $this->travel(1)->seconds();
        $this->postJson("/api/people/{$id}/screenings", self::answers('leg-pain'))->assertCreated();
        $this->postJson($back)->assertNoContent();
        $this->getJson("/api/people/{$id}")->assertJsonPath('standing.open', false);
    }

    public function test_what_is_sensitive_is_encrypted_at_rest(): void
    {
        $id = $this->person(['limits' => [['state' => 'wrist-pain', 'side' => 'left', 'note' => 'sore after rehearsals']]]);
        $this->postJson("/api/people/{$id}/screenings", self::answers('leg-pain'))->assertCreated();
        $this->travel(1)->seconds();
        $this->postJson("/api/people/{$id}/clearances", ['id' => self::id(), 'clinician' => 'Dr. Ferris Oll', 'scope' => 'bracing only', 'from' => '2026-06-01', 'until' => '2026-07-30'])->assertCreated();

        $stored = json_encode([DB::table('screenings')->get(), DB::table('clearances')->get(), DB::table('person_limits')->get()]);
        foreach (['leg-pain', 'Ferris', 'bracing only', 'rehearsals'] as $secret) {
            self::assertStringNotContainsString($secret, (string) $stored);
        }
        $this->getJson("/api/people/{$id}")->assertJsonPath('limits.0.note', 'sore after rehearsals')->assertJsonPath('clearances.0.clinician', 'Dr. Ferris Oll');
    }
}
