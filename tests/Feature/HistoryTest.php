<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use App\Records\LoggedSessions;
use App\Records\OpenPerson;
use EvenRungs\Balance\Position;
use EvenRungs\Calendar\Day;
use EvenRungs\Person\DoneSession;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Window;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;

/** Years of records: what is read by index is what the rules ask for, and what is kept in brief is what was logged. */
final class HistoryTest extends ApiTestCase
{
    public function test_the_window_read_by_index_is_the_window_of_everything(): void
    {
        $person = $this->person();
        $session = $this->writtenSession($person, ['front-plank/forearms-knees' => '2x20s']);
        mt_srand(11);
        $ids = [];
        for ($n = 0; $n < 160; $n++) {
            $ids[] = $this->log($person, $session, $n, array_values(array_intersect_key(['front-plank/forearms-knees', 'press-out/standing', 'side-bridge/knees-bent', 'carry/one-side'], array_flip(array_filter([0, 1, 2, 3], static fn(): bool => mt_rand(0, 2) === 0)))));
        }
        array_map(LoggedSessions::keepBrief(...), $ids);
        $all = LoggedSessions::whole($ids);
        $read = LoggedSessions::inWindow($person, ['front-plank', 'press-out', 'side-bridge', 'carry', 'dead-bug']);

        self::assertCount(160, $all);
        self::assertLessThan(160, count($read));
        self::assertEquals(Window::of($all), Window::of($read));
        $since = Day::parse('2025-09-01');
        self::assertEquals(array_values(array_filter(array_map(DoneSession::of(...), $all), static fn(DoneSession $one): bool => ! $one->on->isBefore($since))), LoggedSessions::inBrief($person, $since));
    }

    public function test_planning_reads_only_the_newest_placings_and_has_everybody_stand_where_they_stand(): void
    {
        $person = $this->person();
        foreach (['front-plank/forearms-knees', 'front-plank/forearms-toes', 'side-bridge/knees-bent', 'front-plank/forearms-knees', 'front-plank/forearms-toes'] as $rung) {
            $this->place($person, $rung);
            $this->travel(1)->seconds();
        }
        $this->place($person, 'side-bridge/top-leg-straight', 'left');
        $this->travel(1)->seconds();
        // The newest of the plank was taken back.
        $this->place($person, 'front-plank/forearms-knees');
        DB::table('placements')->where('person_id', $person)->where('ladder', 'front-plank')->orderByDesc('sequence')->limit(1)->update(['undone_at' => now()]);

        $open = app(OpenPerson::class);
        $planning = $open->forPlanning($person, $this->trainer)->record;
        $whole = $open->of(Person::query()->findOrFail($person), $this->trainer)->record;
        $stands = static fn(PersonRecord $record): array => array_map(static fn(Position $here): array => [$here->rung->slug, $here->side, $here->sequence], $record->positions());
        self::assertSame(['front-plank/forearms-toes', 'side-bridge/top-leg-straight', 'side-bridge/knees-bent'], array_column($stands($whole), 0));
        self::assertSame($stands($whole), $stands($planning));
        self::assertSame([6, 3], [count($whole->history->placings), count($planning->history->placings)]);
    }

    public function test_what_a_person_has_none_of_is_not_asked_for_and_what_they_have_is(): void
    {
        $person = $this->person();
        $asked = [];
        DB::listen(static function (QueryExecuted $query) use (&$asked): void {
            // Not the one question for all of them, which is written large.
            preg_match_all('/from `(\w+)/', $query->sql, $tables);
            array_push($asked, ...$tables[1]);
        });
        $tables = function () use ($person, &$asked): array {
            $asked = [];
            $this->getJson("/api/people/{$person}/board")->assertOk();

            return array_intersect(['person_limits', 'clearances', 'placements', 'session_logs', 'holds', 'home_notes'], $asked);
        };

        self::assertSame([], $tables());
        $this->place($person, 'front-plank/forearms-knees');
        self::assertSame(['placements'], array_values($tables()));
        $this->log($person, $this->writtenSession($person, ['front-plank/forearms-knees' => '1x20s']), 0, ['front-plank/forearms-knees']);
        self::assertSame(['placements', 'session_logs'], array_values($tables()));
    }

    public function test_what_was_logged_before_it_was_kept_in_brief_is_found_too(): void
    {
        $person = $this->person();
        $session = $this->writtenSession($person, ['front-plank/forearms-knees' => '2x20s']);
        $ids = array_map(fn(int $n): string => $this->log($person, $session, $n, ['front-plank/forearms-knees', 'press-out/standing']), range(0, 12));
        array_map(LoggedSessions::keepBrief(...), $ids);
        $kept = $this->brief();
        DB::table('log_ladders')->delete();
        DB::table('session_logs')->update(['stops' => false, 'effort_sum' => 0, 'efforts_told' => 0]);
        $migration = require database_path('migrations/2026_01_01_002600_find_history_by_index.php');
        self::assertTrue(is_object($migration) && method_exists($migration, 'fill'));

        $migration->fill();

        self::assertNotSame([], array_filter(array_column($kept[0], 'stops')), 'one of them stopped something');
        self::assertEquals($kept, $this->brief());
    }

    public function test_a_morning_that_was_worse_is_kept_in_brief_with_its_session(): void
    {
        $person = $this->person();
        $this->place($person, 'front-plank/forearms-knees');
        $session = $this->writtenSession($person, ['front-plank/forearms-knees' => '1x20s']);
        $this->postJson("/api/people/{$person}/logs", ['id' => $log = self::id(), 'session' => $session, 'seconds' => 120, 'sets' => [self::set('front-plank/forearms-knees', 1, 20, ['both' => 20, 'left' => null, 'right' => null])]])->assertCreated();
        self::assertSame(0, DB::table('session_logs')->where('id', $log)->value('stops'));

        $this->postJson("/api/people/{$person}/mornings", ['id' => self::id(), 'log' => $log, 'ladder' => 'front-plank', 'pain' => 2, 'worse' => true])->assertCreated();

        self::assertSame([1, 7, 1], array_values((array) DB::table('session_logs')->where('id', $log)->first(['stops', 'effort_sum', 'efforts_told'])));
    }

    /** @return array{list<array<string, mixed>>, list<array<string, mixed>>} what is kept in brief of every log */
    private function brief(): array
    {
        return [
            array_values(DB::table('session_logs')->orderBy('id')->get(['id', 'stops', 'effort_sum', 'efforts_told'])->map(static fn(object $row): array => (array) $row)->all()),
            array_values(DB::table('log_ladders')->orderBy('session_log_id')->orderBy('ladder')->get()->map(static fn(object $row): array => (array) $row)->all()),
        ];
    }

    /**
     * @param list<string> $rungs
     *
     * @return string id
     */
    private function log(string $person, string $session, int $n, array $rungs): string
    {
        $on = Day::parse('2026-05-30')->plusDays(-2 * $n)->iso();
        $who = ['practice_id' => $this->trainer->practice_id, 'person_id' => $person, 'user_id' => $this->trainer->id, 'time_zone' => 'Europe/Vienna'];
        DB::table('session_logs')->insert(['id' => $id = self::id(), 'training_session_id' => $session, 'title' => 'x', 'rung_snapshots' => '{}', 'library_version' => '1', 'seconds' => 600 + $n, 'done_on' => $on, 'sequence' => 1_000_000 - $n, ...$who]);
        foreach ($rungs as $rung) {
            foreach ([1, 2] as $set) {
                DB::table('set_logs')->insert(['practice_id' => $this->trainer->practice_id, 'session_log_id' => $id, 'item' => $rung, 'rung' => $rung, 'dose' => '2x20s', 'set_number' => $set, 'done_both' => 20, 'form' => '{"ribs":true}', 'pain' => $n % 12 === 11 ? 6 : 0, 'effort' => $set === 2 ? null : 5, 'travelling_pain' => false, 'felt' => 'right']);
            }
        }
        if ($n % 9 === 4 && $rungs !== []) {
            DB::table('mornings')->insert(['id' => self::id(), 'session_log_id' => $id, 'ladder' => strstr($rungs[0], '/', true), 'pain' => 1, 'worse' => $n % 2 === 0, 'answered_on' => $on, 'sequence' => 2_000_000 - $n, ...$who]);
        }

        return $id;
    }
}
