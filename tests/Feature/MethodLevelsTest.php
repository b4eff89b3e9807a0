<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** A method of one's own: practice, trainer, person, program; the nearest answer given wins, and the reason says whose it was. */
final class MethodLevelsTest extends ApiTestCase
{
    private const LEAVING = 'leaving-a-rung';

    public function test_30_practice_trainer_and_person_answer_and_the_persons_holds(): void
    {
        $person = $this->person();
        $this->place($person, 'press-out/standing');
        $this->answer('/api/method', 1, 'leaving-a-rung/two-clean-and-a-week');
        $this->answer('/api/method/mine', 0, 'leaving-a-rung/as-soon-as-clean');
        self::assertSame(['asked for' => '0', 'leaving a rung' => '“as soon as clean”, the trainer’s'], $this->daysOf($person));

        $this->answer("/api/people/{$person}/method/own", 0, 'leaving-a-rung/one-to-two-weeks');
        self::assertSame(['asked for' => '10', 'leaving a rung' => '“one to two weeks’ practice, then try”, the person’s'], $this->daysOf($person));

        $seen = $this->question("/api/people/{$person}/method/own");
        self::assertSame(['leaving-a-rung/one-to-two-weeks', '“as soon as clean”, the trainer’s'], [$seen['given'], $seen['inherited']]);

        $this->putJson("/api/people/{$person}/method/own", ['version' => 1, 'question' => self::LEAVING, 'answer' => null])->assertOk();
        self::assertSame('“as soon as clean”, the trainer’s', $this->daysOf($person)['leaving a rung']);
    }

    public function test_a_default_given_by_somebody_near_holds_against_an_answer_from_farther(): void
    {
        $person = $this->person();
        $this->place($person, 'press-out/standing');
        $this->answer('/api/method', 1, 'leaving-a-rung/as-soon-as-clean');
        $this->answer("/api/people/{$person}/method/own", 0, 'leaving-a-rung/two-clean-and-a-week');

        self::assertSame('7', $this->daysOf($person)['asked for']);
    }

    public function test_the_trainers_level_is_that_of_the_persons_trainer_whoever_looks(): void
    {
        $other = User::query()->create(['practice_id' => $this->trainer->practice_id, 'name' => 'Tove Marl', 'email' => 'tove@tarn-row.example', 'password' => 'a-demo-password', 'role' => 'trainer']);
        $hers = $this->person(['trainer' => $other->id]);
        $mine = $this->person();
        foreach ([$hers, $mine] as $person) {
            $this->place($person, 'press-out/standing');
        }
        $this->actingAs($other);
        $this->answer('/api/method/mine', 0, 'leaving-a-rung/as-soon-as-clean');
        $this->actingAs($this->trainer);

        self::assertSame(['0', '7'], [$this->daysOf($hers)['asked for'], $this->daysOf($mine)['asked for']]);
        self::assertSame(['Tove Marl', 'Wren Aldous'], array_column((array) $this->getJson('/api/me')->json('trainers'), 'label'));
        $stranger = $this->practiceWithTrainer('Mere End Studio', 'odo@mere-end.example');
        $this->putJson("/api/people/{$mine}", [...self::fields($mine), 'version' => 1, 'trainer' => $stranger->id])->assertUnprocessable()->assertJsonPath('fields.trainer.0', 'This practice has no such trainer.');
        $this->putJson("/api/people/{$mine}", [...self::fields($mine), 'version' => 1, 'trainer' => $other->id])->assertOk()->assertJsonPath('trainer', $other->id);
        self::assertSame('0', $this->daysOf($mine)['asked for']);
    }

    public function test_a_programs_answers_hold_as_long_as_the_program_does(): void
    {
        $person = $this->person();
        $this->place($person, 'press-out/standing');
        $url = "/api/people/{$person}/method/program";
        $this->putJson($url, ['version' => 0, 'answer' => 'leaving-a-rung/as-soon-as-clean'])->assertConflict()->assertJsonPath('code', 'no-program');
        $this->getJson($url)->assertOk()->assertJsonPath('closed', 'There is no program that holds, so it cannot have a method of its own.');
        $this->postJson("/api/people/{$person}/programs", ['id' => $program = self::id(), 'replaces' => null, 'mondays' => null, 'why' => '', 'wish' => self::wish()])->assertCreated();
        self::assertSame('2026-07-12', DB::table('programs')->value('ends_on'), 'six weeks from 1 June');
        $this->getJson($url)->assertOk()->assertJsonPath('closed', null);
        $this->answer($url, 0, 'leaving-a-rung/as-soon-as-clean');
        self::assertSame('“as soon as clean”, the program’s', $this->daysOf($person)['leaving a rung']);
        $draft = $this->postJson("/api/people/{$person}/sessions/preview", ['blocks' => self::blocks(['press-out/standing' => '2x10/side'])])->assertOk();
        self::assertTrue($draft->json('complete'), 'planning knows it too');

        $this->travelTo('2026-07-13 09:00:00');
        self::assertSame('7', $this->daysOf($person)['asked for']);
        $this->travelTo('2026-06-02 09:00:00');
        $this->postJson("/api/people/{$person}/programs/{$program}/take-back");
        DB::table('programs')->update(['taken_back_at' => now()]);
        self::assertSame('7', $this->daysOf($person)['asked for'], 'a program taken back holds nothing');
    }

    public function test_doses_follow_the_nearest_method_in_the_composer_as_on_the_board(): void
    {
        $person = $this->person();
        $this->place($person, 'front-plank/forearms-toes');
        $this->answer("/api/people/{$person}/method/own", 0, 'hold-strategy/long');
        $draft = $this->postJson("/api/people/{$person}/sessions/start", ['from' => 'board'])->assertOk();
        self::assertSame('3x30s', $draft->json('preview.blocks.0.items.0.dose'), 'half of the mark of long holds');
        $this->answer("/api/people/{$person}/method/own", 1, 'counting-reps/pairs');
        $preview = $this->postJson("/api/people/{$person}/sessions/preview", ['blocks' => self::blocks(['press-out/standing' => '2x10'])])->assertOk();
        self::assertSame('2x10 pairs', $preview->json('blocks.0.items.0.dose'));
    }

    public function test_a_method_that_changed_since_the_sessions_it_judges_says_so(): void
    {
        $person = $this->person();
        $this->place($person, 'press-out/standing');
        $session = $this->writtenSession($person, ['press-out/standing' => '1x10/side']);
        $this->postJson("/api/people/{$person}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 60, 'sets' => [self::set('press-out/standing', 1, 10)]])->assertCreated();
        self::assertStringNotContainsString('changed', $this->sessionsOf($person));

        $this->travelTo('2026-06-03 09:00:00');
        $this->answer("/api/people/{$person}/method/own", 0, 'leaving-a-rung/as-soon-as-clean');
        self::assertStringContainsString('The method changed on Wednesday 3 June: leaving a rung is now “as soon as clean”, the person’s.', $this->sessionsOf($person));

        // A change farther away says nothing where a nearer answer holds; taking the nearer one back is a change too.
        $this->travelTo('2026-06-04 09:00:00');
        $this->answer('/api/method', 1, 'leaving-a-rung/one-to-two-weeks');
        self::assertStringContainsString('changed on Wednesday 3 June', $this->sessionsOf($person));
        $this->travelTo('2026-06-05 09:00:00');
        $this->putJson("/api/people/{$person}/method/own", ['version' => 1, 'question' => self::LEAVING, 'answer' => null])->assertOk();
        self::assertStringContainsString('changed on Friday 5 June: leaving a rung is now “one to two weeks’ practice, then try”, the practice’s', $this->sessionsOf($person));
    }

    public function test_two_who_answer_at_once_see_each_others_answer_and_nonsense_is_refused(): void
    {
        $this->answer('/api/method/mine', 0, 'effort/near-the-limit');
        $conflict = $this->putJson('/api/method/mine', ['version' => 0, 'answer' => 'effort/reserve'])->assertConflict();
        self::assertSame('trainer', $conflict->json('present.level'));
        $this->putJson('/api/method/mine', ['version' => 1, 'answer' => 'effort/as-much-as-you-like'])->assertUnprocessable();
        $this->putJson('/api/method/mine', ['version' => 1, 'question' => 'colour', 'answer' => null])->assertUnprocessable();
        $this->putJson('/api/method/mine', ['version' => 1])->assertUnprocessable();
    }

    /** @return TestResponse<Response> */
    private function answer(string $url, int $version, string $answer): TestResponse
    {
        return $this->putJson($url, ['version' => $version, 'answer' => $answer])->assertOk();
    }

    /** @return array<string, mixed> */
    private function question(string $url): array
    {
        return array_values(array_filter((array) $this->getJson($url)->assertOk()->json('questions'), static fn(array $question): bool => $question['question'] === self::LEAVING))[0];
    }

    /** What the gate of the press-out says of its sessions. */
    private function sessionsOf(string $person): string
    {
        foreach ((array) $this->getJson("/api/people/{$person}/board")->assertOk()->json('demands') as $demand) {
            foreach ($demand['ladders'] as $ladder) {
                if ($ladder['slug'] === 'press-out') {
                    return (string) $ladder['stands'][0]['gate']['conditions'][4]['reason']['sentence'];
                }
            }
        }

        return '';
    }

    /** @return array<string, string> what the gate of the press-out asks for in days, and whose answer that is */
    private function daysOf(string $person): array
    {
        foreach ((array) $this->getJson("/api/people/{$person}/board")->assertOk()->json('demands') as $demand) {
            foreach ($demand['ladders'] as $ladder) {
                foreach ($ladder['slug'] === 'press-out' ? $ladder['stands'] : [] as $stand) {
                    $inputs = array_column($stand['gate']['conditions'][5]['reason']['inputs'], 'value', 'name');

                    return ['asked for' => $inputs['asked for'], 'leaving a rung' => $inputs['leaving a rung']];
                }
            }
        }

        return [];
    }
}
