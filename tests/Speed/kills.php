<?php

declare(strict_types=1);

// Writes of every kind while server and database are killed: for bin/kills. A write that got no answer is looked at (it is
// there whole, or not at all) and sent again as it was; in the end each is there once.

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/device.php';
require __DIR__.'/mortal.php';
(require __DIR__.'/../../bootstrap/app.php')->make(Kernel::class)->bootstrap();
[, $writes, $kills, $seed] = array_map(intval(...), $argv);
const AT_ONCE = 8;
$random = new Randomizer(new Mt19937($seed));
$id = static fn(): string => strtolower((string) Str::ulid());
$server = new MortalServer('even_rungs_test_kills');
$device = Device::signedIn($server->base, 'load@load-hall.example', 'even-rungs-load');

$signs = array_map(static fn(EvenRungs\Screening\DangerSign $sign): string => $sign->value, EvenRungs\Screening\DangerSign::cases());
$person = static fn(string $id): array => ['POST', '/api/people', ['id' => $id, 'version' => 0, 'name' => 'Written '.substr($id, -4), 'about' => '', 'aim' => 'even', 'trainingDays' => [2, 5], 'minutes' => 25, 'limits' => [], 'birthYear' => null, 'sex' => null, 'hand' => null, 'injuredSide' => null, 'shares' => null, 'places' => [['name' => 'here', 'kit' => ['mat', 'wall', 'bench', 'step', 'band'], 'weights' => '']], 'place' => 0, 'week' => [], 'notes' => '', 'consentedOn' => null]];
$screening = static fn(string $who, string $id): array => ['POST', "/api/people/{$who}/screenings", ['id' => $id, 'signs' => [], 'denied' => $signs, 'asked' => 'person']];
$placing = static fn(string $who, string $id, string $rung): array => ['POST', "/api/people/{$who}/placements", ['id' => $id, 'rung' => "front-plank/{$rung}", 'side' => 'both', 'reason' => '', 'far' => true]];
$session = static fn(string $who, string $id): array => ['POST', "/api/people/{$who}/sessions", ['id' => $id, 'version' => 0, 'title' => 'Written', 'blocks' => [['kind' => 'straight', 'items' => [['id' => 'a', 'rung' => 'front-plank/forearms-knees', 'dose' => '3x20s']], 'gapSeconds' => [], 'roundRestSeconds' => 0]]]];
$set = static fn(int $number): array => ['item' => 'a', 'set' => $number, 'both' => 20, 'left' => null, 'right' => null, 'form' => ['ribs' => true], 'pain' => 0, 'effort' => 5, 'travellingPain' => false, 'felt' => 'right', 'painNote' => ''];
$log = static fn(string $who, string $id, string $of): array => ['POST', "/api/people/{$who}/logs", ['id' => $id, 'session' => $of, 'seconds' => 60, 'sets' => [$set(1), $set(2), $set(3)]]];
$wish = ['start' => date('Y-m-d', strtotime('next monday')), 'weeks' => 4, 'seed' => 1, 'rateTenths' => 3, 'slots' => [['id' => 'a', 'day' => 2, 'part' => 'evening', 'placement' => 'own-day', 'minutes' => 20, 'effort' => 6]], 'rungs' => [], 'doses' => [], 'sets' => [], 'without' => []];
$program = static fn(string $who, string $id, ?string $replaces): array => ['POST', "/api/people/{$who}/programs", ['id' => $id, 'wish' => $wish, 'replaces' => $replaces, 'mondays' => null, 'why' => '']];

// The people who are written about, each by one writing at a time.
$people = [];
for ($n = 0; $n < 3 * AT_ONCE; $n++) {
    $who = $id();
    foreach ([$person($who), $screening($who, $id()), $placing($who, $id(), 'forearms-knees'), $session($who, $first = $id())] as $one) {
        $device->ask(...$one)[0] === 201 || throw new RuntimeException("{$one[1]} was refused while people were laid out.");
    }
    $people[$who] = ['session' => $first, 'program' => null];
}

// What a write leaves in the database: rows by table, and how many there must be.
$rows = [
    'person' => ['people' => ['id', 1], 'person_lines' => ['person_id', 1]],
    'screening' => ['screenings' => ['id', 1]],
    'placing' => ['placements' => ['id', 1]],
    'session' => ['training_sessions' => ['id', 1]],
    'log' => ['session_logs' => ['id', 1], 'set_logs' => ['session_log_id', 3]],
    'program' => ['programs' => ['id', 1]],
];
/** @return list<int> rows that are there, less those that must be, by table */
$apart = static fn(string $kind, string $id): array => array_values(array_map(static fn(string $table, array $must): int => DB::table($table)->where($must[0], $id)->count() - $must[1], array_keys($rows[$kind]), $rows[$kind]));
$absent = static fn(string $kind): array => array_values(array_map(static fn(array $must): int => -$must[1], $rows[$kind]));
$next = static function (string $who) use (&$people, $random, $id, $person, $screening, $placing, $session, $log, $program): array {
    $kind = ['person', 'screening', 'placing', 'session', 'log', 'log', 'log', 'program'][$random->getInt(0, 7)];
    $new = $id();
    $sent = match ($kind) {
        'person' => $person($new),
        'screening' => $screening($who, $new),
        'placing' => $placing($who, $new, ['forearms-knees', 'forearms-wall', 'forearms-toes'][$random->getInt(0, 2)]),
        'session' => $session($who, $new),
        'log' => $log($who, $new, $people[$who]['session']),
        'program' => $program($who, $new, $people[$who]['program']),
    };
    if ($kind === 'program') {
        $people[$who]['program'] = $new;
    }

    return [$who, $kind, $new, $sent];
};

$begin = microtime(true);
$again = $all = [];
$sent = $unanswered = $thereWithoutAnAnswer = $half = $unasked = 0;
while (count($all) < $writes || $again !== []) {
    $wave = array_slice($again, 0, AT_ONCE);
    $again = array_slice($again, AT_ONCE);
    $busy = array_column([...$wave, ...$again], 0);
    foreach ($random->shuffleArray(array_values(array_diff(array_keys($people), $busy))) as $who) {
        if (count($wave) < AT_ONCE && count($all) < $writes) {
            $wave[] = $all[] = $next($who);
        }
    }
    $due = intdiv($kills * count($all), $writes) > array_sum($server->killed);
    $requests = array_map(static fn(array $one): CurlHandle => $device->request(...$one[3]), $wave);
    $server->send($requests, $due ? $random->getInt(5, 200) / 1000 : null);
    if ($due) {
        DB::purge();
    }
    foreach ($wave as $at => $one) {
        $sent++;
        $status = curl_getinfo($requests[$at], CURLINFO_RESPONSE_CODE);
        if ($status >= 200 && $status < 300) {
            continue;
        }
        if ($status >= 400 && $status < 500) {
            throw new RuntimeException("{$one[3][1]} answered {$status}: ".curl_multi_getcontent($requests[$at]));
        }
        $unanswered++;
        // Nobody was killed: then there is an answer.
        $unasked += (int) ! $due;
        $rest = $apart($one[1], $one[2]);
        $isWhole = array_filter($rest) === [];
        $thereWithoutAnAnswer += (int) $isWhole;
        $half += (int) (! $isWhole && $rest !== $absent($one[1]));
        $again[] = $one;
    }
}

// All of them were acknowledged in the end: each is there, whole and once.
$lost = $doubled = 0;
$byKind = [];
foreach ($all as [, $kind, $new]) {
    $rest = $apart($kind, $new);
    $lost += (int) (min($rest) < 0);
    $doubled += (int) (max($rest) > 0);
    $byKind[$kind] = ($byKind[$kind] ?? 0) + 1;
}
$lines = Artisan::call('records:check');
ksort($byKind);
printf("%d writes (%s) in %d requests, %d without an answer of which %d were there, %d kills of the server and %d of the database, %d s\n", count($all), implode(', ', array_map(static fn(string $kind, int $count): string => "{$count} {$kind}", array_keys($byKind), $byKind)), $sent, $unanswered, $thereWithoutAnAnswer, $server->killed['server'], $server->killed['database'], microtime(true) - $begin);
printf('lost %d, by half %d, doubled %d, without an answer though nobody was killed %d; %s', $lost, $half, $doubled, $unasked, Artisan::output());
exit($lost + $half + $doubled + $unasked + $lines > 0 ? 1 : 0);
