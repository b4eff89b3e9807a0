<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Practice;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Testing\PendingCommand;
use Tests\TestCase;

final class CommandsTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_practice_is_made_with_its_owner(): void
    {
        $this->command('practice:create', ['name' => 'Tarn Row Movement Room', 'email' => 'Wren@tarn-row.example', '--owner' => 'Wren Aldous'])->assertSuccessful()->expectsOutputToContain('Sign in as wren@tarn-row.example');

        self::assertSame(['Wren Aldous', 'owner'], array_values((array) DB::table('users')->select('name', 'role')->first()));
    }

    public function test_a_wrong_time_zone_or_a_taken_address_makes_nothing(): void
    {
        $this->command('practice:create', ['name' => 'A', 'email' => 'a@tarn-row.example', '--time-zone' => 'Tarn/Row'])->assertFailed();
        $this->command('practice:create', ['name' => 'A', 'email' => 'not an address'])->assertFailed();
        self::assertSame(0, Practice::query()->count());
    }

    public function test_the_demo_loads_once_with_two_practices_sixteen_people_a_squad_a_left_right_gap_and_a_step_down_waiting_after_pain(): void
    {
        $this->command('demo:load')->assertSuccessful();
        $this->command('demo:load')->assertSuccessful();

        self::assertSame(2, Practice::query()->count());
        $this->actingAs(User::query()->where('email', DemoSeeder::EMAIL)->firstOrFail());
        self::assertSame(16, Person::query()->count());

        $lines = (array) $this->getJson('/api/bench')->assertOk()->json('lines');
        self::assertSame(['stop', 'watch', 'watch', 'information', 'information', ...array_fill(0, 11, 'ready')], array_column($lines, 'status'));
        self::assertSame('Osk Brannoch', $lines[0]['name'], 'the danger sign comes first');

        $id = static fn(string $name): string => (string) DB::table('people')->where('name', $name)->value('id');
        $sides = array_column((array) $this->getJson('/api/people/'.$id('Corvin Strake').'/board')->json('demands.1.ladders.0.stands'), 'side');
        self::assertSame(['left', 'right'], $sides);
        self::assertSame('step-down', $this->getJson('/api/people/'.$id('Maud Ferrick').'/review')->json('pending.0.proposed'));

        $squad = (string) $this->getJson('/api/squads')->assertOk()->assertJsonPath('squads.0.people', 8)->json('squads.0.id');
        self::assertSame(range(0, 4), array_values(array_unique(array_column((array) $this->getJson("/api/squads/{$squad}")->assertOk()->json('members'), 'start'))), 'at every station somebody begins');

        $this->command('forecast:back-test')->expectsOutputToContain('gates inside the band')->assertSuccessful();
        $this->command('records:check')->assertSuccessful();
    }

    public function test_the_demo_is_let_go_of_when_asked_twice_and_other_practices_stay(): void
    {
        $this->command('practice:create', ['name' => 'Quarry Hall', 'email' => 'lorn@quarry-hall.example'])->assertSuccessful();
        $this->command('demo:load')->assertSuccessful();
        $all = DB::table('people')->count();

        $this->command('demo:reset', ['--no-interaction' => true])->assertFailed();
        self::assertSame($all, DB::table('people')->count());
        $this->command('demo:reset', ['--yes' => true])->assertSuccessful();
        self::assertSame(['Quarry Hall'], DB::table('practices')->pluck('name')->all());
        self::assertSame(['lorn@quarry-hall.example'], DB::table('users')->pluck('email')->all());
        foreach (['people', 'session_logs', 'set_logs', 'log_ladders', 'person_lines', 'placements', 'rungs_used'] as $table) {
            self::assertSame(0, DB::table($table)->count(), $table);
        }
        $this->command('demo:load')->assertSuccessful();
        self::assertSame($all, DB::table('people')->count());
    }

    public function test_of_whoever_is_erased_nothing_is_left_anywhere_and_of_others_nothing_is_gone(): void
    {
        $this->command('demo:load')->assertSuccessful();
        $erase = function (string ...$people): void {
            DB::table('people')->whereIn('id', $people)->update(['erase_on' => '2026-01-01', 'erase_asked_by' => DB::table('users')->value('id')]);
            $this->command('people:erase')->assertSuccessful();
        };
        foreach (['Maud Ferrick', 'Ilse Torvane'] as $name) {
            $person = (string) DB::table('people')->where('name', $name)->value('id');
            $before = self::everyRow();
            $own = [$person => true];
            foreach ($before as $row) {
                $own += ($row['person_id'] ?? null) === $person && is_string($row['id'] ?? null) ? [$row['id'] => true] : [];
            }
            $speaksOf = static fn(array $row): bool => array_intersect_key($own, array_flip(self::numbersIn($row))) !== [];
            $erase($person);

            $after = self::everyRow();
            self::assertSame([], array_keys(array_filter($after, $speaksOf)), "of {$name} nothing is left");
            self::assertSame([], array_keys(array_filter(array_diff_key($before, $after), static fn(array $row): bool => ! $speaksOf($row))), 'and nothing of others is gone');
            self::assertGreaterThan(50, count($before) - count($after));
        }
        $everybody = DB::table('people')->pluck('id')->all();
        $erase(...array_filter($everybody, is_string(...)));
        foreach (['people', 'set_logs', 'set_corrections', 'session_logs', 'log_ladders', 'training_events', 'person_lines', 'takings'] as $table) {
            self::assertSame(0, DB::table($table)->count(), $table);
        }
        $this->command('records:check')->assertSuccessful();
    }

    /** @return array<string, array<string, mixed>> every row there is, by its table and content */
    private static function everyRow(): array
    {
        $rows = [];
        foreach (array_diff(Schema::getTableListing(Schema::getCurrentSchemaName(), schemaQualified: false), ['migrations', 'erasures']) as $table) {
            foreach (DB::table($table)->get() as $row) {
                $rows[$table.' '.hash('xxh128', serialize($row))] = (array) $row;
            }
        }

        return $rows;
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return list<string> whatever looks like a number of something
     */
    private static function numbersIn(array $row): array
    {
        preg_match_all('/\b[0-9a-hjkmnp-tv-z]{26}\b/', implode(' ', array_filter($row, is_string(...))), $found);

        return $found[0];
    }

    /** @param array<string, string|bool> $parameters */
    private function command(string $name, array $parameters = []): PendingCommand
    {
        $command = $this->artisan($name, $parameters);

        return $command instanceof PendingCommand ? $command : throw new \LogicException('Commands are mocked in tests.');
    }
}
