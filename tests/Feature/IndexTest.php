<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** No question that a view or a writing asks of the database is answered by reading a whole table that grows. */
final class IndexTest extends ApiTestCase
{
    /** Tables that do not grow with people and years. */
    private const SMALL = ['practices', 'users', 'sessions', 'practice_ladders', 'pr'];

    public function test_every_question_asked_of_a_growing_table_has_an_index(): void
    {
        $asked = [];
        DB::listen(static function (QueryExecuted $query) use (&$asked): void {
            if (preg_match('/^\(?(select|update|delete)\b/i', $query->sql) === 1 && ! str_contains($query->sql, 'information_schema')) {
                $asked[$query->sql] ??= $query->bindings;
            }
        });
        $this->everything();
        DB::getEventDispatcher()?->forget(QueryExecuted::class);
        self::assertGreaterThan(100, count($asked), 'questions of all views');

        $whole = [];
        foreach ($asked as $sql => $bindings) {
            array_push($whole, ...self::readWhole($sql, $bindings));
        }
        self::assertSame([], $whole);
        // And it would be seen if one did.
        self::assertNotSame([], self::readWhole('select * from set_logs where pain = ?', [3]));
    }

    /**
     * Of a few rows everything may be read; what matters is that no index could have served.
     *
     * @param array<array-key, mixed> $bindings
     *
     * @return list<string> the tables of which it could not, with the question
     */
    private static function readWhole(string $sql, array $bindings): array
    {
        $whole = [];
        foreach (DB::select('EXPLAIN '.$sql, $bindings) as $row) {
            $row = (array) $row;
            $table = is_string($row['table'] ?? null) ? $row['table'] : '<none>';
            if (($row['type'] ?? null) === 'ALL' && ($row['possible_keys'] ?? null) === null && ! str_starts_with($table, '<') && ! in_array($table, self::SMALL, true)) {
                $whole[] = "{$table}: {$sql}";
            }
        }

        return $whole;
    }

    /** Each view, and each kind of writing, once. */
    private function everything(): void
    {
        $person = $this->person(['birthYear' => 1990, 'limits' => [['state' => 'wrist-pain', 'side' => 'both', 'note' => '']]]);
        // One of each kind: of what a person has none of nothing is asked.
        $this->postJson("/api/people/{$person}/clearances", ['id' => self::id(), 'clinician' => 'Dr Mirren Oake', 'scope' => 'all', 'from' => '2026-06-01', 'until' => '2026-06-20'])->assertCreated();
        $this->postJson("/api/people/{$person}/brace", ['id' => self::id(), 'samples' => [], 'seconds' => 60])->assertCreated();
        $this->postJson("/api/people/{$person}/allowances", ['id' => self::id(), 'rung' => 'front-plank/hands-toes', 'reason' => 'on the fists'])->assertCreated();
        $this->postJson("/api/people/{$person}/home-notes", ['id' => self::id(), 'text' => 'Well done.'])->assertCreated();
        $this->putJson("/api/people/{$person}/method/own", ['version' => 0, 'question' => 'effort', 'answer' => null])->assertOk();
        $this->postJson("/api/people/{$person}/holds", ['id' => self::id(), 'kind' => 'front-plank', 'side' => 'both', 'seconds' => 40, 'end' => 'form-lost', 'note' => ''])->assertCreated();
        $this->place($person, 'front-plank/forearms-knees');
        $this->place($person, 'press-out/standing');
        $session = $this->writtenSession($person, ['front-plank/forearms-knees' => '1x20s', 'press-out/standing' => '1x10/side']);
        $this->putJson("/api/people/{$person}/marks", ['rung' => 'front-plank/forearms-knees', 'target' => 30, 'reason' => 'Long tours.'])->assertOk();
        $this->postJson("/api/people/{$person}/sessions/{$session}/stages", ['id' => self::id(), 'kind' => 're-test', 'after' => 'days', 'count' => 2, 'item' => null, 'rung' => null, 'dose' => null, 'message' => 'We look how far you hold.'])->assertCreated();
        $this->postJson("/api/people/{$person}/home-links")->assertCreated();
        $log = ['id' => self::id(), 'session' => $session, 'seconds' => 120, 'sets' => [self::set('front-plank/forearms-knees', 1, 20, ['both' => 20, 'left' => null, 'right' => null])]];
        $this->postJson("/api/people/{$person}/logs", $log)->assertCreated();
        $this->postJson("/api/people/{$person}/mornings", ['id' => self::id(), 'log' => $log['id'], 'ladder' => 'front-plank', 'pain' => 0, 'worse' => false])->assertCreated();
        $this->postJson("/api/people/{$person}/decisions", ['id' => $decision = self::id(), 'log' => $log['id'], 'ladder' => 'front-plank', 'side' => 'both', 'choice' => 'stay', 'reason' => ''])->assertCreated();
        $this->postJson("/api/people/{$person}/decisions/{$decision}/take-back")->assertOk();
        foreach ([self::id(), self::id()] as $training) {
            $event = ['id' => self::id(), 'kind' => 'set', 'instead' => [], 'moments' => [], 'item' => $log['sets'][0]['item'], 'number' => 1, 'set' => $log['sets'][0]];
            $this->postJson("/api/people/{$person}/trainings/{$training}", ['session' => $session, 'device' => self::id(), 'on' => '2026-06-01', 'byHand' => false, 'startedAt' => 0, 'sentAt' => 1000 * now()->getTimestamp(), 'events' => [$event]])->assertOk();
            $this->getJson("/api/people/{$person}/trainings/{$training}")->assertOk();
        }
        $this->putJson("/api/people/{$person}/weeks/2026-06-01", ['version' => 0, 'slots' => [['id' => 'x', 'session' => $session, 'day' => 2, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 5, 'only' => null]], 'moves' => [], 'away' => []])->assertOk();
        $this->postJson("/api/people/{$person}/soreness", ['id' => self::id(), 'ofTen' => 2])->assertCreated();
        $this->postJson("/api/people/{$person}/programs", ['id' => $program = self::id(), 'wish' => self::wish(), 'replaces' => null, 'mondays' => null, 'why' => ''])->assertCreated();
        $this->postJson("/api/people/{$person}/program/weeks/2026-06-01")->assertCreated();
        $this->postJson("/api/people/{$person}/program/weeks/2026-06-01/take-out")->assertOk();
        $this->postJson("/api/people/{$person}/sessions/fit", ['id' => $session, 'minutes' => 20, 'blocks' => self::blocks(['front-plank/forearms-knees' => '3x20s'])])->assertOk();
        $this->postJson("/api/people/{$person}/sessions/preview", ['minutes' => null, 'blocks' => self::blocks(['front-plank/forearms-knees' => '2x20s'])])->assertOk();
        $this->postJson('/api/squads', ['id' => $squad = self::id(), 'name' => 'Fell rescue', 'people' => [$person]])->assertCreated();
        $this->postJson("/api/squads/{$squad}/sessions")->assertOk();
        $this->putJson("/api/squads/{$squad}", ['version' => 1, 'name' => 'Fell rescue', 'members' => [['person' => $person, 'here' => true]], 'stations' => ['front-plank', 'press-out'], 'work' => 30, 'change' => 30, 'rounds' => 2, 'roundRest' => 60, 'meets' => [['day' => 1, 'part' => 'evening', 'time' => '18:30', 'effort' => 6]]])->assertOk();
        foreach (['/api/squads', "/api/squads/{$squad}", "/api/squads/{$squad}/times", '/api/bench', '/api/people', '/api/people?q=lock&show=due', '/api/people?show=put-away', '/api/library', '/api/method', '/api/method/mine', '/api/floor'] as $address) {
            $this->getJson($address)->assertOk();
        }
        foreach (['', '/checks', '/board', '/path', '/sessions', "/sessions?with={$session}", '/sessions/templates', '/sessions/next-doses', "/sessions/{$session}", "/sessions/{$session}/sheet", "/sessions/{$session}/cues", '/weeks/2026-06-01', '/weeks/2026-06-01?older=yes', '/program', "/programs/{$program}", '/calendar', '/calendar/file', '/review', '/decisions', '/method', '/method/own', '/method/program'] as $view) {
            $this->getJson("/api/people/{$person}{$view}")->assertOk();
        }
        foreach (['/api/practice/access', "/api/practice/access?with={$person}", "/api/people/{$person}/record"] as $address) {
            $this->get($address)->assertOk();
        }
        $this->postJson("/api/people/{$person}/archive")->assertOk();
        Artisan::call('records:check');
        Artisan::call('records:rebuild');
        $this->deleteJson("/api/people/{$person}/record")->assertOk();
        DB::table('people')->where('id', $person)->update(['erase_on' => '2026-06-01']);
        Artisan::call('people:erase');
        self::assertSame([0, 0], [DB::table('people')->count(), DB::table('squad_members')->count()]);
        $this->deleteJson("/api/squads/{$squad}")->assertNoContent();
        $this->postJson("/api/squads/{$squad}/restore")->assertOk();
    }
}
