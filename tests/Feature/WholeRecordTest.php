<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Photo;
use App\Models\Practice;
use App\Models\User;
use App\Photos\PhotoShelf;
use App\Records\PersonCopy;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Exceptions;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schema;
use Intervention\Image\ImageManager;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A person's whole record: a copy that says everything, and an end after which nothing is left. */
final class WholeRecordTest extends ApiTestCase
{
    /** Made from the others, and made anew by a command: no record of their own. */
    private const DERIVED = ['person_lines', 'person_words', 'log_ladders'];

    protected function tearDown(): void
    {
        foreach (Practice::query()->pluck('id')->all() as $practice) {
            File::deleteDirectory(storage_path("app/photos/{$practice}"));
        }
        parent::tearDown();
    }

    public function test_a_copy_has_every_row_in_clear_and_a_line_for_each_set(): void
    {
        $person = $this->lived();
        [$record, $lines, $names] = $this->copy($person);

        self::assertSame(['even-rungs person', PersonCopy::VERSION, 'Corvin Strake'], [$record['format'], $record['version'], $record['person']['name']]);
        self::assertSame('sore after sluices', $record['records']['person_limits'][0]['note'], 'in clear, not as it is kept');
        self::assertSame(['leg-pain'], array_merge(...array_column($record['records']['screenings'], 'answers')));
        self::assertCount(2, $record['records']['session_logs'][0]['sets']);
        self::assertSame('tugged a little', $record['records']['session_logs'][0]['sets'][0]['pain_note']);
        self::assertSame($record['person']['id'], $person);
        self::assertStringNotContainsString('"token', (string) json_encode($record), 'no key of a door');
        self::assertSame(['2026-06-01', '=Lock-house floor', 'Press-out, standing', '1', '2x10/side', '10'], [$lines[1][0], substr($lines[1][1], 1), $lines[1][2], $lines[1][4], $lines[1][5], $lines[1][7]]);
        self::assertStringStartsWith("'=", $lines[1][1], 'a text is no formula');
        self::assertCount(3, $lines);
        self::assertCount(1, array_filter($names, static fn(string $name): bool => str_starts_with($name, 'pictures/')));
    }

    public function test_what_cannot_be_read_any_more_says_so_and_takes_nothing_else_with_it(): void
    {
        $person = $this->lived();
        DB::table('set_logs')->where('set_number', 1)->update(['pain_note' => 'of another key', 'form' => '7']);
        [$record, $lines] = $this->copy($person);

        $sets = $record['records']['session_logs'][0]['sets'];
        self::assertSame(['kept, and cannot be read', 10, null], [$sets[0]['pain_note'], $sets[0]['done_left'], $sets[1]['pain_note']]);
        self::assertCount(3, $lines);
    }

    public function test_no_table_of_a_persons_is_left_out_of_the_copy(): void
    {
        $tables = array_filter(Schema::getTableListing(Schema::getCurrentSchemaName(), schemaQualified: false), static fn(string $table): bool => Schema::hasColumn($table, 'person_id'));
        $left = array_diff($tables, array_keys(PersonCopy::KINDS), self::DERIVED);

        self::assertSame([], array_values($left));
    }

    public function test_a_record_is_erased_after_thirty_days_and_until_then_it_is_taken_back(): void
    {
        $person = $this->lived();
        $this->deleteJson("/api/people/{$person}/record")->assertOk()->assertJsonPath('eraseOn', '2026-07-01')->assertJsonPath('archivedOn', '2026-06-01');
        $this->deleteJson("/api/people/{$person}/record")->assertOk()->assertJsonPath('eraseOn', '2026-07-01');
        $this->actingAs($this->pell());
        $this->deleteJson("/api/people/{$person}/archive")->assertConflict()->assertJsonPath('sentence', 'This record is to be erased on Wednesday 1 July. The owner of the practice can take that back.');
        $this->actingAs($this->trainer);
        $this->deleteJson("/api/people/{$person}/archive")->assertOk()->assertJsonPath('eraseOn', null)->assertJsonPath('archivedOn', null);

        $this->deleteJson("/api/people/{$person}/record")->assertOk();
        $this->travelTo('2026-06-30 12:00:00');
        self::assertSame(0, Artisan::call('people:erase'));
        $this->getJson("/api/people/{$person}")->assertOk();

        $pictures = fn(): array => glob(storage_path("app/photos/{$this->trainer->practice_id}/*")) ?: [];
        self::assertCount(1, $pictures());
        $this->travelTo('2026-07-01 03:10:00');
        self::assertSame(0, Artisan::call('people:erase'));
        self::assertSame([], $pictures());
        $this->getJson("/api/people/{$person}")->assertNotFound();
        self::assertSame([$this->trainer->id], DB::table('erasures')->where('erased_on', '2026-07-01')->pluck('user_id')->all());
        self::assertSame(0, Artisan::call('people:erase'));
        self::assertSame(1, DB::table('erasures')->count(), 'once');
    }

    public function test_one_that_cannot_be_erased_keeps_nobody_elses_record_and_one_taken_back_meanwhile_stays(): void
    {
        [$first, $second, $third] = [$this->lived(), $this->person(['name' => 'Ilse Torvane']), $this->person(['name' => 'Osk Brannoch'])];
        foreach ([$first, $second, $third] as $person) {
            $this->deleteJson("/api/people/{$person}/record")->assertOk();
        }
        $this->travelTo('2026-07-02 03:10:00');
        Exceptions::fake();
        DB::connection()->beforeExecuting(static function (string $sql, array $bindings) use ($first, $second, $third): void {
            if (str_contains($sql, 'delete from `plans`') && in_array($first, $bindings, true)) {
                throw new \RuntimeException('The disk is full.');
            }
            // The owner presses as the night run comes to the second.
            if (str_contains($sql, 'for update') && in_array($second, $bindings, true)) {
                DB::update('UPDATE people SET erase_on = NULL WHERE id = ?', [$third]);
            }
        });

        self::assertSame(1, Artisan::call('people:erase'));
        Exceptions::assertReported(\RuntimeException::class);
        $here = DB::table('people')->orderBy('id')->pluck('id')->all();
        self::assertContains($first, $here);
        self::assertNotContains($second, $here);
        self::assertContains($third, $here);
        self::assertSame(2, DB::table('set_logs')->count(), 'whole or not at all');
        self::assertSame(1, (int) DB::selectOne('SELECT @@FOREIGN_KEY_CHECKS AS checks')->checks);
    }

    public function test_only_the_owner_takes_a_copy_or_erases(): void
    {
        $person = $this->person();
        $this->actingAs($this->pell());

        $this->getJson("/api/people/{$person}/record")->assertForbidden();
        $this->deleteJson("/api/people/{$person}/record")->assertForbidden();
        $this->getJson("/api/people/{$person}")->assertOk()->assertJsonPath('eraseOn', null);
    }

    private function pell(): User
    {
        return User::query()->create(['id' => self::id(), 'practice_id' => $this->trainer->practice_id, 'name' => 'Pell Sorrin', 'email' => 'pell@tarn-row.example', 'password' => 'even-rungs-demo', 'role' => 'trainer']);
    }

    /** A person with a limit, an answered sign, a picture and a training of two sets. */
    private function lived(): string
    {
        $person = $this->person(['limits' => [['state' => 'wrist-pain', 'side' => 'left', 'note' => 'sore after sluices']]]);
        $this->place($person, 'press-out/standing');
        $this->postJson("/api/people/{$person}/sessions", ['id' => $session = self::id(), 'version' => 0, 'title' => '=Lock-house floor', 'blocks' => self::blocks(['press-out/standing' => '2x10/side'])])->assertCreated();
        $sets = array_map(static fn(int $number): array => self::set('press-out/standing', $number, 10, ['painNote' => $number === 1 ? 'tugged a little' : '']), [1, 2]);
        $this->postJson("/api/people/{$person}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 300, 'sets' => $sets])->assertCreated();
        $this->postJson("/api/people/{$person}/screenings", self::answers('leg-pain'))->assertCreated();
        $photo = Photo::query()->create(['id' => self::id(), 'person_id' => $person, 'width' => 100, 'height' => 80, 'tested_on' => '2026-06-01', 'time_zone' => 'UTC', 'user_id' => $this->trainer->id, 'sequence' => 1]);
        app(PhotoShelf::class)->keep($photo, ImageManager::gd()->create(100, 80));

        return $person;
    }

    /** @return array{array<string, mixed>, list<list<string>>, list<string>} record.json, the lines of trainings.csv, and the names of all files */
    private function copy(string $person): array
    {
        $response = $this->get("/api/people/{$person}/record")->assertOk()->assertHeader('Content-Type', 'application/zip')->assertHeader('Content-Disposition', 'attachment; filename=corvin-strake-2026-06-01.zip')->baseResponse;
        self::assertInstanceOf(BinaryFileResponse::class, $response);
        $zip = new \ZipArchive;
        self::assertTrue($zip->open($response->getFile()->getPathname()));
        $names = array_map(static fn(int $at): string => (string) $zip->getNameIndex($at), range(0, $zip->numFiles - 1));
        $record = json_decode((string) $zip->getFromName('record.json'), true, flags: JSON_THROW_ON_ERROR);
        $lines = array_map(static fn(string $line): array => array_map(strval(...), str_getcsv($line, escape: '')), explode("\n", trim((string) $zip->getFromName('trainings.csv'))));
        $zip->close();
        unlink($response->getFile()->getPathname());

        return [is_array($record) ? $record : [], $lines, $names];
    }
}
