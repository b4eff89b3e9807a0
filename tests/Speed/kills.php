<?php

declare(strict_types=1);

// Devices log sessions while database and workers are killed at random moments; what was not answered is sent again, as
// a device does, until it is. Afterwards every log that was answered has to be there, whole and once. For bin/kills.

use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/device.php';
(require __DIR__.'/../../bootstrap/app.php')->make(Kernel::class)->bootstrap();
[, $base, $kills, $writes, $seed, $run] = $argv;
[$kills, $writes] = [(int) $kills, (int) $writes];
mt_srand((int) $seed);

$devices = [];
for ($n = 0; $n < 4; $n++) {
    User::query()->create(['practice_id' => DB::table('practices')->value('id'), 'name' => "Device {$n}", 'email' => "device-{$n}@load-hall.example", 'password' => 'even-rungs-load', 'role' => 'trainer']);
    $devices[] = Device::signedIn($base, "device-{$n}@load-hall.example", 'even-rungs-load');
}
$people = DB::table('people')->pluck('id')->all();
$sessions = DB::table('training_sessions')->groupBy('person_id')->selectRaw('person_id, MAX(id) AS id')->pluck('id', 'person_id')->all();
$doses = DB::table('training_sessions')->whereIn('id', array_values($sessions))->pluck('blocks', 'person_id')->map(static fn(string $blocks): string => json_decode($blocks, true)[0]['items'][0]['id'])->all();
$sets = static fn(string $item): array => array_map(static fn(int $set): array => ['item' => $item, 'set' => $set, 'both' => 20, 'left' => null, 'right' => null, 'form' => ['ribs' => true], 'pain' => 0, 'effort' => 5, 'travellingPain' => false, 'felt' => 'right', 'painNote' => ''], range(1, 4));

$answered = $refused = [];
$waiting = [];
$killed = ['database' => 0, 'workers' => 0];
$next = microtime(true) + 0.5;
$lost = 0;
while (count($answered) < $writes || array_sum($killed) < $kills) {
    while (count($waiting) < 4) {
        $person = $people[mt_rand(0, count($people) - 1)];
        $waiting[] = [$person, ['id' => strtolower((string) Str::ulid()), 'session' => $sessions[$person], 'seconds' => 300, 'sets' => $sets($doses[$person])]];
    }
    $requests = array_map(static fn(array $one, int $at): CurlHandle => $devices[$at]->request('POST', "/api/people/{$one[0]}/logs", $one[1], 10), $waiting, array_keys($waiting));
    $multi = curl_multi_init();
    array_walk($requests, static fn(CurlHandle $request): int => curl_multi_add_handle($multi, $request));
    do {
        curl_multi_exec($multi, $running);
        curl_multi_select($multi, 0.02);
        // In the middle of it.
        if (array_sum($killed) < $kills && microtime(true) > $next) {
            $what = mt_rand(0, 2) === 0 ? 'workers' : 'database';
            if ($what === 'workers') {
                exec('pkill -9 -P '.escapeshellarg(trim((string) file_get_contents("{$run}/fpm.pid"))));
            } else {
                exec('pkill -9 -f '.escapeshellarg('mariadbd.*'.dirname(__DIR__, 2).'/storage/mariadb').'; sleep 0.2; '.escapeshellarg(dirname(__DIR__, 2).'/bin/db').' start >/dev/null 2>&1');
            }
            $killed[$what]++;
            $next = microtime(true) + mt_rand(300, 1500) / 1000;
        }
    } while ($running > 0);
    $left = [];
    foreach ($requests as $at => $request) {
        $status = curl_getinfo($request, CURLINFO_RESPONSE_CODE);
        if ($status === 201) {
            $answered[$waiting[$at][1]['id']] = true;
        } elseif ($status >= 400 && $status < 500 && $status !== 429) {
            $refused[$status] = ($refused[$status] ?? 0) + 1;
        } else {
            $lost += $status === 429 ? 0 : 1;
            $left[] = $waiting[$at];
            usleep($status === 429 ? 500_000 : 20_000);
        }
    }
    $waiting = $left;
    fprintf(STDERR, "\r%d answered, %d kills ", count($answered), array_sum($killed));
}
fwrite(STDERR, "\n");
DB::reconnect();
$ids = array_keys($answered);
$there = $whole = 0;
foreach (array_chunk($ids, 500) as $some) {
    $there += DB::table('session_logs')->whereIn('id', $some)->count();
    $whole += DB::table('set_logs')->whereIn('session_log_id', $some)->groupBy('session_log_id')->havingRaw('COUNT(*) = 4')->get('session_log_id')->count();
}
$brief = DB::table('session_logs')->whereIn('id', $ids)->whereNotExists(static fn($query) => $query->from('log_ladders')->whereColumn('session_log_id', 'session_logs.id'))->count();
$lines = DB::table('people')->leftJoin('person_lines', 'person_lines.person_id', '=', 'people.id')->where(static fn($query) => $query->whereNull('person_lines.records')->orWhereColumn('person_lines.records', '!=', 'people.records'))->count();
printf("kills: %d of the database, %d of all workers; %d requests had no answer and were sent again\n", $killed['database'], $killed['workers'], $lost);
printf("answered %d, lost %d, half or doubled %d, not in brief %d, lines not the newest %d, refused %s\n", count($ids), count($ids) - $there, $there - $whole, $brief, $lines, $refused === [] ? 'none' : json_encode($refused));
exit(count($ids) === $there && $there === $whole && $brief + $lines === 0 && $refused === [] ? 0 : 1);
