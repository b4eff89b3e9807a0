<?php

declare(strict_types=1);

// Devices on a bad network, a server that is killed: for bin/soak. Each device tells of its trainings until everything was
// said to be taken; then what is in the database is held against what was told, by core's own folding of it.

use App\Models\Scopes\PracticeScope;
use App\Models\Training;
use App\Records\TrainingEvents;
use EvenRungs\Log\Event;
use EvenRungs\Log\ReportedSet;
use EvenRungs\Log\Told;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Browser\Support\Daemon;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/device.php';
require __DIR__.'/mortal.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
[, $events, $devices, $kills, $seed] = array_map(intval(...), $argv);
$random = new Randomizer(new Mt19937($seed));
$id = static fn(): string => strtolower((string) Str::ulid());

$server = new MortalServer('even_rungs_test_soak');
$flaky = Daemon::start(['node', __DIR__.'/flaky.mjs', $server->base, (string) $seed], []);
$address = $flaky->waitFor(static fn(string $printed): ?string => preg_match('~http://\S+~', $printed, $found) === 1 ? $found[0] : null, 10, 'The network');
$signedIn = Device::signedIn($server->base, 'load@load-hall.example', 'even-rungs-load');
$send = static fn(string $path, array $body): CurlHandle => $signedIn->request('POST', $path, $body, 40, $address);

// What each device has to tell: trainings of a session, each on a day of its own, with sets done, changed and taken back.
$people = DB::table('people')->limit($devices)->pluck('id')->all();
$outboxes = $told = [];
$count = 0;
for ($device = 0; $device < $devices; $device++) {
    $person = (string) $people[$device % count($people)];
    $session = DB::table('training_sessions')->where('person_id', $person)->orderByDesc('id')->first(['id', 'blocks']);
    /** @var list<array{items: list<array{id: string, rung: string, dose: string}>}> $blocks */
    $blocks = (array) json_decode((string) $session->blocks, true);
    $name = $id();
    for ($day = 1; $count < intdiv($events * ($device + 1), $devices); $day++) {
        $training = $id();
        $list = [];
        foreach ($blocks as $block) {
            $item = $block['items'][0];
            for ($number = 1; $number <= 3; $number++) {
                $set = static fn(int $done): array => ['item' => $item['id'], 'set' => $number, 'both' => $done, 'left' => null, 'right' => null, 'form' => ['ribs' => true], 'pain' => 0, 'effort' => $done % 9, 'travellingPain' => false, 'felt' => null, 'painNote' => '', 'painSide' => null, 'painPlace' => null, 'rung' => $item['rung'], 'dose' => $item['dose']];
                $event = static fn(string $kind, array $instead, array $more = []): array => ['id' => $id(), 'kind' => $kind, 'instead' => $instead, 'moments' => [$number * 40], 'item' => $item['id'], 'number' => $number, ...$more];
                $list[] = $first = $event('set', [], ['set' => $set($random->getInt(1, 30))]);
                if ($random->getInt(0, 3) === 0) {
                    $list[] = $undone = $event('undone', [$first['id']]);
                    if ($random->getInt(0, 1) === 0) {
                        $list[] = $event('set', [$undone['id']], ['set' => $set($random->getInt(1, 30))]);
                    }
                }
            }
        }
        $list[] = ['id' => $id(), 'kind' => 'ended', 'instead' => [], 'moments' => [200]];
        $count += count($list);
        $told[$training] = $list;
        $outboxes[$device][$training] = [
            'path' => "/api/people/{$person}/trainings/{$training}", 'waits' => array_column($random->shuffleArray($list), null, 'id'),
            'body' => ['session' => $session->id, 'device' => $name, 'on' => date('Y-m-d', strtotime("-{$day} days")), 'byHand' => true, 'startedAt' => 1000 * time(), 'sentAt' => 1000 * time()],
        ];
    }
}

$begin = microtime(true);
$requests = $answered = 0;
$left = static function () use (&$outboxes): int {
    return array_sum(array_map(static fn(array $outbox): int => array_sum(array_map(static fn(array $one): int => count($one['waits']), $outbox)), $outboxes));
};
$all = $left();
while (($open = $left()) > 0) {
    $wave = [];
    foreach ($outboxes as $device => $outbox) {
        $trainings = array_keys(array_filter($outbox, static fn(array $one): bool => $one['waits'] !== []));
        if ($trainings === []) {
            continue;
        }
        $training = $trainings[$random->getInt(0, count($trainings) - 1)];
        $some = array_slice($random->shuffleArray($outbox[$training]['waits']), 0, $random->getInt(1, 12));
        // Now and then something is told again that was taken long ago.
        if ($random->getInt(0, 4) === 0) {
            $some[] = $told[$training][$random->getInt(0, count($told[$training]) - 1)];
        }
        $wave[] = [$device, $training, $send($outbox[$training]['path'], [...$outbox[$training]['body'], 'events' => array_values(array_column($some, null, 'id'))])];
    }
    // Killed while they are on their way, evenly over the whole of it.
    $due = intdiv($kills * ($all - $open), $all) > array_sum($server->killed) || ($open < $all / 50 && array_sum($server->killed) < $kills);
    $server->send(array_column($wave, 2), $due ? $random->getInt(5, 120) / 1000 : null);
    foreach ($wave as [$device, $training, $request]) {
        $requests++;
        $answer = json_decode((string) curl_multi_getcontent($request), true);
        if (curl_getinfo($request, CURLINFO_RESPONSE_CODE) !== 200 || ! is_array($answer)) {
            continue;
        }
        $answered++;
        $answer['refused'] === [] || throw new RuntimeException('Refused: '.json_encode($answer['refused']));
        $outboxes[$device][$training]['waits'] = array_diff_key($outboxes[$device][$training]['waits'], array_flip($answer['taken']));
    }
}

// What is there, held against what was told.
$lost = $doubled = $otherwise = 0;
DB::purge();
PracticeScope::actingFor((string) DB::table('practices')->value('id'), static function () use ($told, &$lost, &$doubled, &$otherwise): void {
    foreach ($told as $training => $list) {
        $there = TrainingEvents::told([$training])[$training] ?? [];
        $lost += count(array_diff(array_column($list, 'id'), array_column($there, 'id')));
        $doubled += count($there) - count(array_unique(array_column($there, 'id')));
        $sets = Told::of(array_map(static fn(array $one): Event => TrainingEvents::read($one), $list))->sets;
        $wanted = array_map(static fn(ReportedSet $set): string => "{$set->item} {$set->set} {$set->both} {$set->effort}", $sets);
        $kept = DB::table('set_logs')->where('session_log_id', $training)->get(['item', 'set_number', 'done_both', 'effort'])->map(static fn(object $row): string => "{$row->item} {$row->set_number} {$row->done_both} {$row->effort}")->all();
        sort($wanted);
        sort($kept);
        $lost += count(array_diff($wanted, $kept));
        $doubled += max(0, count($kept) - count($wanted));
        $otherwise += $wanted === $kept ? 0 : 1;
    }
});
$logs = DB::table('session_logs')->whereIn('id', array_keys($told))->count();
$trainings = Training::query()->withoutGlobalScopes()->whereIn('id', array_keys($told))->count();
printf("%d events of %d trainings from %d devices, %d requests of which %d were answered, %d kills of the server and %d of the database, %d s\nlost %d, doubled %d, logs that say something else %d, trainings without their one log %d\n", $all, count($told), $devices, $requests, $answered, $server->killed['server'], $server->killed['database'], microtime(true) - $begin, $lost, $doubled, $otherwise, abs($trainings - count($told)) + abs($logs - count($told)));
exit($lost + $doubled + $otherwise === 0 && $logs === count($told) ? 0 : 1);
