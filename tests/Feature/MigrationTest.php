<?php

declare(strict_types=1);

namespace Tests\Feature;

use EvenRungs\Method\Answer;
use EvenRungs\Method\Question;
use EvenRungs\Progress\Felt;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Rows of earlier versions keep their meaning. */
final class MigrationTest extends ApiTestCase
{
    public function test_answers_stored_by_their_wording_are_the_same_answers(): void
    {
        $practice = $this->trainer->practice_id;
        DB::table('practices')->where('id', $practice)->update(['method' => json_encode(['hold-strategy' => 'long holds to 120 s', 'order' => 'weakest first'])]);
        DB::table('practice_ladders')->insert([
            'id' => self::id(), 'practice_id' => $practice, 'slug' => 'own', 'version' => 1, 'user_id' => $this->trainer->id,
            'document' => json_encode(['slug' => 'own', 'rungs' => [['slug' => 'a', 'offered_with' => ['question' => 'movements-allowed', 'choices' => ['also extension lifts']]]]]),
        ]);

        $this->migrate('2026_01_01_001100_name_answers_by_identifiers');

        $method = $this->trainer->practice->refresh()->method();
        self::assertSame(Answer::LongHolds, $method->answer(Question::HoldStrategy));
        self::assertSame(Answer::WeakestFirst, $method->answer(Question::Order));
        self::assertSame(['movements-allowed/extension-too'], data_get(json_decode((string) DB::table('practice_ladders')->value('document'), true), 'rungs.0.offered_with.choices'));

        // A second time changes nothing more.
        $this->migrate('2026_01_01_001100_name_answers_by_identifiers');
        self::assertSame(Answer::LongHolds, $this->trainer->practice->refresh()->method()->answer(Question::HoldStrategy));
    }

    public function test_answers_to_danger_signs_from_before_each_was_asked_for_still_stand(): void
    {
        $id = $this->person();
        DB::table('screenings')->where('person_id', $id)->update(['denied' => null, 'asked' => null]);

        $this->getJson("/api/people/{$id}")->assertOk()->assertJsonPath('standing.open', true)->assertJsonPath('rescreen', null)->assertJsonPath('screening.asked', null);
    }

    public function test_a_set_from_before_the_place_was_asked_for_counts_as_right_unless_it_was_told_wrong(): void
    {
        DB::statement('CREATE TEMPORARY TABLE old_sets (id INT, felt_wrong TINYINT NOT NULL, felt VARCHAR(20) NULL)');
        DB::table('old_sets')->insert([['id' => 1, 'felt_wrong' => 0], ['id' => 2, 'felt_wrong' => 1]]);
        $migration = require database_path('migrations/2026_01_01_001800_keep_where_an_exercise_was_felt.php');
        self::assertTrue(is_object($migration) && method_exists($migration, 'fill'));

        $migration->fill('old_sets');

        self::assertSame(['right', 'elsewhere'], DB::table('old_sets')->orderBy('id')->pluck('felt')->all());
        self::assertTrue(Felt::from('elsewhere')->isWrong());
    }

    public function test_rungs_that_were_one_exercise_at_several_distances_are_one_with_a_range(): void
    {
        $person = $this->person(['places' => [['name' => 'here', 'kit' => ['mat', 'wheel'], 'weights' => '']]]);
        $this->place($person, 'rollout/wheel-30');
        $session = $this->writtenSession($person, ['rollout/wheel-30' => '2x8']);
        $this->postJson("/api/people/{$person}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 60, 'sets' => [self::set('rollout/wheel-30', 1, 8, ['both' => 8, 'left' => null, 'right' => null])]])->assertCreated();
        DB::table('placements')->update(['rung' => 'rollout/wheel-45', 'range' => null]);
        DB::table('set_logs')->update(['rung' => 'rollout/wheel-45', 'dose' => '2x8 r60']);
        DB::table('training_sessions')->update(['blocks' => json_encode([['kind' => 'straight', 'items' => [['id' => 'rollout-wheel-30', 'rung' => 'rollout/wheel-full', 'dose' => '3x6'], ['id' => 'b', 'rung' => 'press-out/standing', 'dose' => '2x8/side']], 'gapSeconds' => [], 'roundRestSeconds' => 0, 'part' => 'main']])]);
        $before = $this->getJson("/api/people/{$person}/board")->assertOk()->json('spreadText');

        $this->moveRanges();

        self::assertSame(['rollout/wheel-30', '45cm'], array_values((array) DB::table('placements')->first(['rung', 'range'])));
        self::assertSame(['rollout/wheel-30', '2x8 r60 45cm'], array_values((array) DB::table('set_logs')->first(['rung', 'dose'])));
        $items = json_decode((string) DB::table('training_sessions')->value('blocks'), true)[0]['items'];
        self::assertSame([['rollout/wheel-30', '3x6 90cm'], ['press-out/standing', '2x8/side']], array_map(static fn(array $item): array => [$item['rung'], $item['dose']], $items));
        $this->getJson("/api/people/{$person}/board")->assertOk()->assertJsonPath('spreadText', $before);
        self::assertSame('2x8 45cm r60', $this->getJson("/api/people/{$person}/sessions/next-doses")->assertOk()->json('doses.0.dose'), 'four weeks away or not, the range is that of the log');
    }

    public function test_a_guess_of_before_is_known_by_what_was_kept_as_its_reason(): void
    {
        $person = $this->person();
        $this->place($person, 'front-plank/forearms-toes', reason: 'Front plank, toes 20 s, 15 to 29 s: the full version, in short holds.');
        $this->place($person, 'press-out/tall-kneeling', reason: 'Not tested itself: a start at least 1.0 below the height tested in front work, or on the lowest rung.');

        $migration = require database_path('migrations/2026_01_01_004200_know_which_placings_were_guessed.php');
        self::assertIsObject($migration);
        self::assertTrue(method_exists($migration, 'mark'));
        $migration->mark();

        self::assertSame(['front-plank' => 0, 'press-out' => 1], DB::table('placements')->orderBy('ladder')->pluck('guessed', 'ladder')->all());
    }

    public function test_a_log_of_before_was_told_when_its_training_was_and_at_the_latest_when_it_was_done(): void
    {
        $person = $this->person();
        $this->place($person, 'press-out/standing');
        $session = $this->writtenSession($person, ['press-out/standing' => '1x10/side']);
        $sets = [self::set('press-out/standing', 1, 10)];
        $this->postJson("/api/people/{$person}/logs", ['id' => $whole = self::id(), 'session' => $session, 'seconds' => 60, 'sets' => $sets])->assertCreated();
        $now = 1000 * now()->getTimestamp();
        $told = ['id' => self::id(), 'kind' => 'set', 'instead' => [], 'moments' => [60], 'item' => 'press-out-standing', 'number' => 1, 'set' => [...$sets[0], 'rung' => null, 'dose' => null]];
        $this->postJson("/api/people/{$person}/trainings/".($late = self::id()), ['session' => $session, 'device' => self::id(), 'on' => '2026-05-30', 'byHand' => true, 'startedAt' => $now, 'sentAt' => $now, 'events' => [$told, ['id' => self::id(), 'kind' => 'ended', 'instead' => [], 'moments' => []]]])->assertOk();
        DB::table('session_logs')->update(['told_sequence' => null]);

        $migration = require database_path('migrations/2026_01_01_004300_know_when_pain_was_told.php');
        self::assertTrue(is_object($migration) && method_exists($migration, 'fill'));
        $migration->fill();

        self::assertEquals([$whole => null, $late => DB::table('trainings')->value('sequence')], DB::table('session_logs')->pluck('told_sequence', 'id')->all());
    }

    public function test_people_of_before_are_found_by_the_words_of_their_lines(): void
    {
        $person = $this->person(['about' => 'Canal-lock keeper, Überlingen']);
        $words = fn(): array => DB::table('person_words')->where('person_id', $person)->orderBy('word')->pluck('word')->all();
        $kept = $words();
        DB::table('person_words')->delete();
        $migration = require database_path('migrations/2026_01_01_004700_find_people_by_the_beginnings_of_words.php');
        self::assertTrue(is_object($migration) && method_exists($migration, 'fill'));
        $migration->fill();

        self::assertContains('uberlingen', $kept);
        self::assertSame($kept, $words());
        $this->getJson('/api/people?q=LOCK%20%C3%9Cber')->assertJsonPath('people.0.id', $person);
    }

    public function test_a_practice_with_a_version_of_the_ladder_of_its_own_keeps_its_rungs(): void
    {
        $person = $this->person(['places' => [['name' => 'here', 'kit' => ['mat', 'wheel'], 'weights' => '']]]);
        $this->place($person, 'rollout/wheel-30');
        DB::table('placements')->update(['rung' => 'rollout/wheel-45', 'range' => null]);
        DB::table('practice_ladders')->insert(['id' => self::id(), 'practice_id' => $this->trainer->practice_id, 'slug' => 'rollout', 'version' => 1, 'user_id' => $this->trainer->id, 'document' => '{}']);

        $this->moveRanges();

        self::assertSame(['rollout/wheel-45', null], array_values((array) DB::table('placements')->first(['rung', 'range'])));
    }

    private function moveRanges(): void
    {
        $migration = require database_path('migrations/2026_01_01_002400_let_rungs_have_a_range.php');
        self::assertTrue(is_object($migration) && method_exists($migration, 'move'));
        $migration->move();
    }

    private function migrate(string $name): void
    {
        $migration = require database_path("migrations/{$name}.php");
        self::assertInstanceOf(Migration::class, $migration);
        self::assertTrue(method_exists($migration, 'up'));
        $migration->up();
    }
}
