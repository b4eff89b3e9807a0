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
        yield 'kit nobody has' => [['kit' => ['trampoline']], 'kit.0', 'This is not one of the choices.'];
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
        $this->postJson("/api/people/{$id}/screenings", ['id' => self::id(), 'signs' => ['leg-pain', 'saddle-numbness']])
            ->assertCreated()->assertJsonPath('standing.open', false)->assertJsonPath('standing.urgency', 'emergency');

        $this->getJson("/api/people/{$id}/sessions/draft")->assertStatus(423)->assertJsonPath('code', 'danger-sign');
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
        $this->getJson("/api/people/{$id}/sessions/draft")->assertOk();

        $this->travelTo('2026-07-31 09:00:00');
        $this->getJson("/api/people/{$id}/sessions/draft")->assertStatus(423);
    }

    public function test_what_is_sensitive_is_encrypted_at_rest(): void
    {
        $id = $this->person(['limits' => [['state' => 'wrist-pain', 'side' => 'left', 'note' => 'sore after rehearsals']]]);
        $this->postJson("/api/people/{$id}/screenings", ['id' => self::id(), 'signs' => ['leg-pain']])->assertCreated();
        $this->travel(1)->seconds();
        $this->postJson("/api/people/{$id}/clearances", ['id' => self::id(), 'clinician' => 'Dr. Ferris Oll', 'scope' => 'bracing only', 'from' => '2026-06-01', 'until' => '2026-07-30'])->assertCreated();

        $stored = json_encode([DB::table('screenings')->get(), DB::table('clearances')->get(), DB::table('person_limits')->get()]);
        foreach (['leg-pain', 'Ferris', 'bracing only', 'rehearsals'] as $secret) {
            self::assertStringNotContainsString($secret, (string) $stored);
        }
        $this->getJson("/api/people/{$id}")->assertJsonPath('limits.0.note', 'sore after rehearsals')->assertJsonPath('clearances.0.clinician', 'Dr. Ferris Oll');
    }
}
