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

    private function migrate(string $name): void
    {
        $migration = require database_path("migrations/{$name}.php");
        self::assertInstanceOf(Migration::class, $migration);
        self::assertTrue(method_exists($migration, 'up'));
        $migration->up();
    }
}
