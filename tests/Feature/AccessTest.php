<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Exceptions;

/** Who read and who changed whose record, for the owner of the practice. */
final class AccessTest extends ApiTestCase
{
    public function test_reading_is_noted_once_a_day_and_changes_by_step_and_number(): void
    {
        $person = $this->person();
        $session = $this->writtenSession($person, ['press-out/standing' => '2x10/side']);
        $this->getJson("/api/people/{$person}")->assertOk();
        $this->getJson("/api/people/{$person}/board")->assertOk();
        $this->place($person, 'press-out/standing');
        $this->place($person, 'press-out/seated');
        $this->putJson("/api/people/{$person}", [...self::fields($person), 'version' => 1, 'minutes' => 30])->assertOk();
        $this->putJson("/api/people/{$person}", [...self::fields($person), 'version' => 7])->assertConflict();
        $this->postJson("/api/people/{$person}/sessions/preview", ['blocks' => self::blocks(['press-out/standing' => '2x10/side'])])->assertOk();
        $this->getJson("/api/people/{$person}/sessions/{$session}")->assertOk();
        $this->get("/api/people/{$person}/record")->assertOk();

        $lines = (array) $this->getJson('/api/practice/access')->assertOk()->assertJsonCount(1, 'lines')->json('lines');
        self::assertSame(['2026-06-01', 'Corvin Strake', 1], [$lines[0]['day'], $lines[0]['name'], $lines[0]['copies']]);
        self::assertSame(['person' => 2, 'session' => 1, 'board' => 2], $lines[0]['wrote'], 'what was refused and what only asks is no change');

        $this->travelTo('2026-06-02 09:00:00');
        $this->getJson("/api/people/{$person}/review")->assertOk();
        $queries = [];
        DB::listen(static function ($query) use (&$queries): void {
            $queries[] = $query->sql;
        });
        $this->getJson("/api/people/{$person}/review")->assertOk();
        self::assertSame([], array_values(array_filter($queries, static fn(string $sql): bool => str_contains($sql, 'accesses'))), 'looking again costs no writing');
        $this->getJson('/api/practice/access')->assertOk()->assertJsonPath('lines.0.day', '2026-06-02')->assertJsonPath('lines.0.wrote', [])->assertJsonCount(2, 'lines');
    }

    public function test_who_has_a_person_waiting_reads_on_where_it_cannot_be_noted(): void
    {
        $person = $this->person();
        $this->travel(2)->hours();
        Exceptions::fake();
        $isNoted = false;
        DB::connection()->beforeExecuting(static function (string $sql) use (&$isNoted): void {
            if (str_contains($sql, 'INSERT INTO accesses')) {
                $isNoted = true;
                throw new \RuntimeException('The disk is full.');
            }
        });

        $this->getJson("/api/people/{$person}")->assertOk();
        self::assertTrue($isNoted);
        Exceptions::assertReported(\RuntimeException::class);
    }

    public function test_it_is_the_owners_of_one_practice_and_of_one_person_where_one_is_named(): void
    {
        [$corvin, $ilse] = [$this->person(), $this->person(['name' => 'Ilse Torvane'])];
        $pell = User::query()->create(['id' => self::id(), 'practice_id' => $this->trainer->practice_id, 'name' => 'Pell Sorrin', 'email' => 'pell@tarn-row.example', 'password' => 'even-rungs-demo', 'role' => 'trainer']);
        $this->actingAs($pell);
        $this->getJson("/api/people/{$ilse}")->assertOk();
        $this->getJson('/api/practice/access')->assertForbidden();

        $this->actingAs($this->practiceWithTrainer('Mere End Studio', 'odo@mere-end.example'));
        $this->getJson('/api/practice/access')->assertOk()->assertJsonPath('lines', []);
        $this->actingAs($this->trainer);
        $this->place($corvin, 'press-out/standing');
        self::assertSame([$corvin, $ilse, $ilse], collect((array) $this->getJson('/api/practice/access')->assertOk()->json('lines'))->pluck('person')->sort()->values()->all());
        self::assertSame(['Pell Sorrin', $this->trainer->name], collect((array) $this->getJson("/api/practice/access?with={$ilse}")->assertOk()->json('lines'))->pluck('by')->sort()->values()->all());
    }

    public function test_years_of_it_are_read_page_by_page(): void
    {
        $person = $this->person();
        foreach (range(1, 40) as $days) {
            $this->travelTo("2026-06-01 09:00:00 +{$days} days");
            $this->getJson("/api/people/{$person}")->assertOk();
        }
        $first = $this->getJson('/api/practice/access')->assertOk()->assertJsonCount(30, 'lines')->assertJsonPath('lines.0.day', '2026-07-11');
        $this->getJson('/api/practice/access?after='.urlencode((string) $first->json('next')))->assertOk()->assertJsonCount(11, 'lines')->assertJsonPath('lines.10.day', '2026-06-01')->assertJsonPath('next', null);
    }

    public function test_what_is_to_be_erased_what_was_and_the_last_backup_are_told_the_owner(): void
    {
        $this->getJson('/api/practice/access')->assertOk()->assertJsonPath('backedUpAt', null)->assertJsonPath('isBackupOld', true);
        DB::table('practices')->where('id', $this->trainer->practice_id)->update(['backed_up_at' => '2026-05-30 03:00:00']);
        $this->actingAs($this->trainer->refresh());
        $this->getJson('/api/practice/access')->assertOk()->assertJsonPath('backedUpAt', '2026-05-30T03:00:00Z')->assertJsonPath('isBackupOld', false);
        $this->travelTo('2026-06-07 09:00:00');
        $this->getJson('/api/practice/access')->assertOk()->assertJsonPath('isBackupOld', true);
        $this->travelTo('2026-06-01 09:00:00');
        $person = $this->person();
        $this->deleteJson("/api/people/{$person}/record")->assertOk();
        $this->getJson('/api/practice/access')->assertOk()->assertJsonPath('erasures', [['person' => $person, 'name' => 'Corvin Strake', 'on' => '2026-07-01', 'by' => $this->trainer->name]]);
        $this->travelTo('2026-07-02 09:00:00');
        $this->artisan('people:erase');
        $this->getJson('/api/practice/access')->assertOk()->assertJsonPath('erasures', [['person' => null, 'name' => '', 'on' => '2026-07-02', 'by' => $this->trainer->name]]);
    }
}
