<?php

declare(strict_types=1);

// Fills the database at hand with a practice of so many people, years of records among them: for bin/load. The rows are
// written as the application keeps them, in bulk; doses, snapshots and the program come from the application itself.

use App\Actions\KeepProgram;
use App\Library\PracticeLibrary;
use App\Models\Person;
use App\Models\Practice;
use App\Models\Scopes\PracticeScope;
use App\Models\User;
use App\Records\OpenPerson;
use EvenRungs\Body\Sidedness;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Rung;
use EvenRungs\Person\SharedPart;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\WrittenRequest;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Screening\DangerSign;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
[, $people, $wanted] = array_map(intval(...), $argv);

const LADDERS = ['front-plank', 'side-bridge', 'press-out', 'all-fours', 'dead-bug', 'bridge', 'carry', 'prone-extension'];
const HEAVY_SESSIONS = 600;

$practice = Practice::query()->create(['name' => 'Load Hall', 'time_zone' => 'Europe/Vienna']);
$user = User::query()->create(['practice_id' => $practice->id, 'name' => 'Lorn Hallet', 'email' => 'load@load-hall.example', 'password' => 'even-rungs-load', 'role' => 'owner']);
$user->refresh()->setRelation('practice', $practice);

PracticeScope::actingFor($practice->id, static function () use ($people, $wanted, $practice, $user, $app): void {
    $library = $app->make(PracticeLibrary::class);
    $method = $practice->method();
    $today = new DateTimeImmutable('today');
    $ulid = static fn(): string => strtolower((string) Str::ulid());
    $who = ['practice_id' => $practice->id, 'time_zone' => 'Europe/Vienna', 'user_id' => $user->id];
    $sequence = (time() - 86400 * 1500) * 1_000_000;

    // Eight rungs of each ladder from the middle on, with their doses and snapshots.
    $rungs = [];
    foreach (LADDERS as $ladder) {
        $all = array_values(array_filter($library->library()->ladder($ladder)->rungs, static fn(Rung $rung): bool => ! $rung->branch && $rung->offeredWith === null));
        $rungs[$ladder] = array_slice($all, intdiv(count($all), 4), 8);
    }
    $doses = $snapshots = $sets = [];
    $form = json_encode(array_map(static fn(): bool => true, array_flip(array_map(static fn(FormQuestion $one): string => $one->value, FormQuestion::cases()))));
    foreach ($rungs as $list) {
        foreach ($list as $rung) {
            $dose = $rung->defaultDose($method)->withSets(2);
            $doses[$rung->slug] = DoseLine::print($dose);
            $snapshots[$rung->slug] = $library->snapshot($rung->slug);
            $target = $dose->first()->target();
            $each = $rung->sidedness !== Sidedness::Both && $rung->sidedness->countsEachSide();
            for ($set = 1; $set <= 2; $set++) {
                $sets[$rung->slug][] = ['practice_id' => $practice->id, 'item' => $rung->ladder, 'rung' => $rung->slug, 'dose' => $doses[$rung->slug], 'set_number' => $set, 'done_both' => $each ? null : $target, 'done_left' => $each ? $target : null, 'done_right' => $each ? $target : null, 'form' => $form, 'pain' => 0, 'effort' => 6, 'travelling_pain' => 0, 'felt' => 'right'];
            }
        }
    }

    $rows = [];
    $flush = static function (string $table, int $from = 1) use (&$rows): void {
        if (count($rows[$table] ?? []) >= $from) {
            foreach (array_chunk($rows[$table], 1000) as $chunk) {
                DB::table($table)->insert($chunk);
            }
            $rows[$table] = [];
        }
    };
    $add = static function (string $table, array $row) use (&$rows, $flush): void {
        $rows[$table][] = $row;
        // Parents before children.
        if (count($rows[$table]) >= 4000) {
            foreach (array_keys($rows) as $one) {
                $flush($one);
            }
        }
    };
    foreach (['people', 'screenings', 'holds', 'training_sessions', 'plans', 'session_logs', 'set_logs', 'decisions', 'placements'] as $table) {
        $rows[$table] = [];
    }

    $typical = max(3, intdiv(max(0, $wanted - HEAVY_SESSIONS * 2 * count(LADDERS)), max(1, $people - 1) * 2 * count(LADDERS)));
    $first = ['Alder', 'Briar', 'Corm', 'Dunlin', 'Elver', 'Fescue', 'Garth', 'Heron', 'Ivel', 'Jorum', 'Kestle', 'Linnet'];
    $last = ['Marl', 'Nettel', 'Osmund', 'Pellow', 'Quern', 'Rudd', 'Sedge', 'Tansy', 'Umber', 'Vetch', 'Wicker', 'Yarrow'];
    $template = [];
    for ($number = 0; $number < $people; $number++) {
        $isHeavy = $number === 1 || $people === 1;
        $sessions = $isHeavy ? HEAVY_SESSIONS : $typical;
        $person = $ulid();
        $add('people', ['id' => $person, 'practice_id' => $practice->id, 'trainer_id' => $user->id, 'name' => $isHeavy ? 'Heavy Yearling' : ($number === 0 ? 'Typical Pellow' : "{$first[$number % 12]} {$last[intdiv($number, 12) % 12]}".($number < 144 ? '' : ' '.intdiv($number, 144))), 'about' => 'made up for measuring', 'aim' => 'even', 'training_days' => '[1,3,5]', 'minutes' => 30, 'places' => json_encode([['name' => 'hall', 'kit' => ['mat', 'wall', 'bench', 'step', 'band', 'dumbbell', 'kettlebell', 'ball']]]), 'place' => 0, 'week' => '[]', 'version' => 1, 'created_at' => now(), 'updated_at' => now()]);
        $add('screenings', ['id' => $ulid(), 'person_id' => $person, 'answers' => Illuminate\Support\Facades\Crypt::encryptString('[]'), 'denied' => json_encode(array_map(static fn(DangerSign $sign): string => $sign->value, DangerSign::cases())), 'asked' => 'person', 'urgency' => null, 'answered_on' => $today->modify('-20 days')->format('Y-m-d'), 'sequence' => ++$sequence, ...$who]);
        foreach (['front-plank', 'back-extensor'] as $kind) {
            $add('holds', ['id' => $ulid(), 'person_id' => $person, 'kind' => $kind, 'side' => 'both', 'seconds' => 60 + $number % 40, 'end' => 'form-lost', 'tested_on' => $today->modify('-15 days')->format('Y-m-d'), 'sequence' => ++$sequence, ...$who]);
        }
        $written = [];
        $place = static function (string $ladder, int $level, DateTimeImmutable $on, ?string $decision) use (&$sequence, $add, $ulid, $rungs, $snapshots, $library, $person, $who): void {
            $rung = $rungs[$ladder][$level % count($rungs[$ladder])];
            $add('placements', ['id' => $ulid(), 'person_id' => $person, 'ladder' => $ladder, 'side' => 'both', 'rung' => $rung->slug, 'rung_snapshot' => json_encode($snapshots[$rung->slug]), 'library_version' => $library->library()->version, 'stopped' => false, 'reason' => '', 'decision_id' => $decision, 'placed_on' => $on->format('Y-m-d'), 'sequence' => ++$sequence, ...$who]);
        };
        for ($n = 0; $n < $sessions; $n++) {
            $on = $today->modify('-'.(1 + intdiv(7 * ($sessions - 1 - $n), 3)).' days');
            $level = intdiv($n, 12);
            if ($n % 12 === 0) {
                $written[$level] = $ulid();
                $items = array_map(static fn(string $ladder): array => ['id' => $ladder, 'rung' => $rungs[$ladder][$level % count($rungs[$ladder])]->slug, 'dose' => $doses[$rungs[$ladder][$level % count($rungs[$ladder])]->slug]], LADDERS);
                $kept = json_encode(array_intersect_key($snapshots, array_flip(array_column($items, 'rung'))));
                $add('training_sessions', ['id' => $written[$level], 'practice_id' => $practice->id, 'person_id' => $person, 'title' => 'Hall session '.($level + 1), 'blocks' => json_encode(array_map(static fn(array $item): array => ['kind' => 'straight', 'part' => 'main', 'items' => [$item], 'gapSeconds' => [], 'roundRestSeconds' => 0], $items)), 'rung_snapshots' => $kept, 'library_version' => $library->library()->version, 'version' => 1, 'total_seconds' => 1500, 'origin' => 'from the board', 'created_at' => $on, 'updated_at' => $on]);
            }
            if ($n === 0) {
                foreach (LADDERS as $ladder) {
                    $place($ladder, 0, $on, null);
                }
            }
            $log = $ulid();
            $add('session_logs', ['id' => $log, 'person_id' => $person, 'training_session_id' => $written[$level], 'title' => 'Hall session '.($level + 1), 'rung_snapshots' => $kept ?? '{}', 'library_version' => $library->library()->version, 'seconds' => 1500, 'done_on' => $on->format('Y-m-d'), 'sequence' => ++$sequence, ...$who]);
            foreach (LADDERS as $ladder) {
                foreach ($sets[$rungs[$ladder][$level % count($rungs[$ladder])]->slug] as $set) {
                    $add('set_logs', ['session_log_id' => $log, ...$set]);
                }
                // The newest session waits to be decided on two ladders.
                if ($n === $sessions - 1 && in_array($ladder, ['front-plank', 'carry'], true)) {
                    continue;
                }
                $climbs = $n % 12 === 11 && $n < $sessions - 1;
                $rung = $rungs[$ladder][$level % count($rungs[$ladder])];
                $add('decisions', ['id' => $decision = $ulid(), 'person_id' => $person, 'session_log_id' => $log, 'ladder' => $ladder, 'side' => 'both', 'rung' => $rung->slug, 'rung_snapshot' => '{"name":'.json_encode($rung->name).'}', 'library_version' => $library->library()->version, 'proposed' => $climbs ? 'climb' : 'stay', 'reasons' => '[]', 'choice' => $climbs ? 'climb' : 'stay', 'choice_reason' => '', 'decided_on' => $on->format('Y-m-d'), 'sequence' => ++$sequence, ...$who]);
                if ($climbs) {
                    $place($ladder, $level + 1, $on, $decision);
                }
            }
        }
        $newest = end($written);
        $slot = static fn(int $day): array => ['id' => "slot-{$day}", 'session' => $newest, 'day' => $day, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 6, 'only' => null, 'since' => $today->modify('-80 days')->format('Y-m-d')];
        $add('plans', ['id' => $ulid(), 'practice_id' => $practice->id, 'person_id' => $person, 'slots' => json_encode(array_map($slot, [1, 3, 5])), 'moves' => '[]', 'away' => '[]', 'version' => 1, 'created_at' => now(), 'updated_at' => now()]);
        if ($number % 100 === 99) {
            fwrite(STDERR, "\r".($number + 1)." of {$people} people");
        }
    }
    foreach (array_keys($rows) as $table) {
        $flush($table);
    }
    fwrite(STDERR, "\rkeeping it in brief          \n");
    DB::table('log_ladders')->delete();
    (require database_path('migrations/2026_01_01_002600_find_history_by_index.php'))->fill();

    // A reader who is shown as many in a small practice as in a large one, those with names of their own among them.
    $reader = User::query()->create(['practice_id' => $practice->id, 'name' => 'Sorrel Venn', 'email' => 'reader@load-hall.example', 'password' => 'even-rungs-load', 'role' => User::READER]);
    $shown = [...$who, 'reader_id' => $reader->id, 'parts' => json_encode(array_column(SharedPart::cases(), 'value')), 'on_day' => $today->format('Y-m-d'), 'sequence' => $sequence];
    $few = DB::table('people')->orderByRaw('name IN (?, ?) DESC', ['Typical Pellow', 'Heavy Yearling'])->limit(20)->pluck('id')->all();
    DB::table('readerships')->insert(array_map(static fn(string $id): array => [...$shown, 'id' => $ulid(), 'person_id' => $id], $few));

    // One program, made for the first person and held by everybody.
    /** @var Person $one */
    $one = Person::query()->where('name', 'Typical Pellow')->firstOr(static fn() => Person::query()->firstOrFail());
    $file = $app->make(OpenPerson::class)->of($one, $user);
    $hand = $file->program();
    $slot = static fn(string $id, int $day): ProgramSlot => new ProgramSlot($id, new Cell($day, DayPart::Evening), SessionRole::OwnDay, 25, 6);
    $wish = new WrittenRequest(Day::parse(date('Y-m-d'))->monday(), 8, 1, null, [$slot('mon', 1), $slot('wed', 3), $slot('fri', 5)]);
    $made = array_map(WrittenWeek::of(...), $hand->make($wish)->weeks);
    $app->make(KeepProgram::class)->keep($file, $hand, $ulid(), $hand->taking($made, null), $wish, 'Made', $user);
    $kept = (array) DB::table('programs')->first();
    foreach (array_chunk(DB::table('people')->where('id', '!=', $one->id)->pluck('id')->all(), 200) as $some) {
        DB::table('programs')->insert(array_map(static fn(string $id): array => [...$kept, 'id' => $ulid(), 'person_id' => $id], $some));
    }
});
printf("%d people, %d sessions, %d sets\n", DB::table('people')->count(), DB::table('session_logs')->count(), DB::table('set_logs')->count());
