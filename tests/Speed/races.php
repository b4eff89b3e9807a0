<?php

declare(strict_types=1);

// Two at two devices, at the same moment: for bin/races. Every kind is sent in pairs, and what was kept is counted in
// the database. Nothing is timed; what was kept twice, lost or broken is an error.

use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/device.php';
(require __DIR__.'/../../bootstrap/app.php')->make(Kernel::class)->bootstrap();
[, $base, $rounds] = $argv;
$rounds = (int) $rounds;

$practice = (string) DB::table('practices')->value('id');
$id = static fn(): string => strtolower((string) Str::ulid());
$users = [];
for ($n = 0; $n < 4; $n++) {
    $email = "device-{$n}@load-hall.example";
    User::query()->create(['practice_id' => $practice, 'name' => "Device {$n}", 'email' => $email, 'password' => 'even-rungs-load', 'role' => 'trainer']);
    $users[] = $email;
}

$reader = (string) DB::table('users')->where('role', User::READER)->value('id');
$devices = array_map(static fn(string $email): Device => Device::signedIn($base, $email, 'even-rungs-load'), $users);
$at = 0;
/**
 * @param list<array{string, string, array<string, mixed>}> $sent method, address and body of each device
 *
 * @return list<int> what each was answered
 */
$together = static function (array $sent) use ($devices, &$at): array {
    return Device::together(array_map(static function (array $one) use ($devices, &$at): CurlHandle {
        return $devices[$at++ % count($devices)]->request(...$one);
    }, $sent));
};
$one = static function (string $method, string $path, array $body) use ($together): void {
    [$status] = $together([[$method, $path, $body]]);
    if ($status >= 300) {
        fwrite(STDERR, "{$method} {$path} answered {$status} while a round was laid out.\n");
        exit(1);
    }
};

$signs = array_map(static fn(EvenRungs\Screening\DangerSign $sign): string => $sign->value, EvenRungs\Screening\DangerSign::cases());
$fields = static fn(string $person): array => ['id' => $person, 'version' => 0, 'name' => 'Raced '.substr($person, -4), 'about' => '', 'aim' => 'even', 'trainingDays' => [2, 5], 'minutes' => 25, 'limits' => [], 'birthYear' => null, 'sex' => null, 'hand' => null, 'injuredSide' => null, 'shares' => null, 'places' => [['name' => 'here', 'kit' => ['mat', 'wall', 'bench', 'step', 'band'], 'weights' => '']], 'place' => 0, 'week' => [], 'notes' => '', 'consentedOn' => null];
$person = static function () use ($id, $fields, $signs, $one): string {
    $one('POST', '/api/people', $fields($person = $id()));
    $one('POST', "/api/people/{$person}/screenings", ['id' => $id(), 'signs' => [], 'denied' => $signs, 'asked' => 'person']);
    $one('POST', "/api/people/{$person}/placements", ['id' => $id(), 'rung' => 'front-plank/forearms-knees', 'side' => 'both', 'reason' => '', 'far' => true]);

    return $person;
};
$session = static function (string $person) use ($id, $one): string {
    $one('POST', "/api/people/{$person}/sessions", ['id' => $session = $id(), 'version' => 0, 'title' => 'Raced', 'blocks' => [['kind' => 'straight', 'items' => [['id' => 'a', 'rung' => 'front-plank/forearms-knees', 'dose' => '1x20s']], 'gapSeconds' => [], 'roundRestSeconds' => 0]]]);

    return $session;
};
$log = static fn(string $id, string $session): array => ['id' => $id, 'session' => $session, 'seconds' => 60, 'sets' => [['item' => 'a', 'set' => 1, 'both' => 20, 'left' => null, 'right' => null, 'form' => ['ribs' => true], 'pain' => 0, 'effort' => 5, 'travellingPain' => false, 'felt' => 'right', 'painNote' => '']]];
$monday = date('Y-m-d', strtotime('next monday'));
$wish = ['start' => $monday, 'weeks' => 4, 'seed' => 1, 'rateTenths' => 3, 'slots' => [['id' => 'a', 'day' => 2, 'part' => 'evening', 'placement' => 'own-day', 'minutes' => 20, 'effort' => 6]], 'rungs' => [], 'doses' => [], 'sets' => [], 'without' => []];
$program = static fn(string $id, ?string $replaces): array => ['id' => $id, 'wish' => $wish, 'replaces' => $replaces, 'mondays' => null, 'why' => ''];
$count = static fn(string $table, string $person): int => DB::table($table)->where('person_id', $person)->count();

// Each kind lays out a round, sends two at once, and says whether what was kept is right.
$kinds = [
    'two decisions about one log' => static function () use ($person, $session, $log, $id, $one, $together, $count): array {
        $who = $person();
        $one('POST', "/api/people/{$who}/logs", $log($done = $id(), $session($who)));
        $decide = static fn(): array => ['POST', "/api/people/{$who}/decisions", ['id' => $id(), 'log' => $done, 'ladder' => 'front-plank', 'side' => 'both', 'choice' => 'stay', 'reason' => 'As before.']];
        $answers = $together([$decide(), $decide()]);
        sort($answers);

        return [$answers, $answers === [201, 409] && $count('decisions', $who) === 1];
    },
    'one log sent twice' => static function () use ($person, $session, $log, $id, $together, $count): array {
        $who = $person();
        $sent = $log($id(), $session($who));
        $answers = $together([['POST', "/api/people/{$who}/logs", $sent], ['POST', "/api/people/{$who}/logs", $sent]]);

        return [$answers, $answers === [201, 201] && $count('session_logs', $who) === 1 && DB::table('set_logs')->where('session_log_id', $sent['id'])->count() === 1];
    },
    'one person added twice' => static function () use ($id, $fields, $together): array {
        $sent = $fields($id());
        $answers = $together([['POST', '/api/people', $sent], ['POST', '/api/people', $sent]]);

        return [$answers, ! array_filter($answers, static fn(int $status): bool => ! in_array($status, [201, 409], true)) && DB::table('people')->where('id', $sent['id'])->count() === 1];
    },
    'two programs in place of the same' => static function () use ($person, $program, $id, $together, $count): array {
        $who = $person();
        $answers = $together([['POST', "/api/people/{$who}/programs", $program($id(), null)], ['POST', "/api/people/{$who}/programs", $program($id(), null)]]);
        sort($answers);

        return [$answers, $answers === [201, 409] && $count('programs', $who) === 1];
    },
    'one week of a program written twice' => static function () use ($person, $program, $id, $one, $together, $count, $monday): array {
        $who = $person();
        $one('POST', "/api/people/{$who}/programs", $program($id(), null));
        $write = ['POST', "/api/people/{$who}/program/weeks/{$monday}", []];
        $answers = $together([$write, $write]);

        return [$answers, $answers === [201, 201] && $count('training_sessions', $who) === 1];
    },
    'the sessions of one squad written by two' => static function () use ($person, $id, $one, $together, $count): array {
        $people = [$person(), $person()];
        $one('POST', '/api/squads', ['id' => $squad = $id(), 'name' => 'Raced', 'people' => $people]);
        $write = ['POST', "/api/squads/{$squad}/sessions", []];
        $answers = $together([$write, $write]);

        return [$answers, $answers === [200, 200] && $count('training_sessions', $people[0]) === 1 && $count('training_sessions', $people[1]) === 1];
    },
    'one squad changed by two' => static function () use ($person, $id, $one, $together): array {
        $one('POST', '/api/squads', ['id' => $squad = $id(), 'name' => 'Raced', 'people' => [$who = $person()]]);
        $change = static fn(int $work): array => ['PUT', "/api/squads/{$squad}", ['version' => 1, 'name' => 'Raced', 'members' => [['person' => $who, 'here' => true]], 'stations' => ['front-plank', 'side-bridge'], 'work' => $work, 'change' => 20, 'rounds' => 2, 'roundRest' => 60]];
        $answers = $together([$change(30), $change(40)]);
        sort($answers);

        return [$answers, $answers === [200, 409] && DB::table('squad_members')->where('squad_id', $squad)->count() === 1];
    },
    'a squad put into a week that is laid out' => static function () use ($person, $session, $id, $one, $together, $monday): array {
        $one('POST', '/api/squads', ['id' => $squad = $id(), 'name' => 'Raced', 'people' => [$who = $person(), $person()]]);
        $written = $session($who);
        $line = array_map(static fn(string $one): array => ['person' => $one, 'here' => true], DB::table('squad_members')->where('squad_id', $squad)->orderBy('place')->pluck('person_id')->all());
        $answers = $together([
            ['PUT', "/api/squads/{$squad}", ['version' => 1, 'name' => 'Raced', 'members' => $line, 'stations' => ['front-plank', 'side-bridge'], 'work' => 30, 'change' => 20, 'rounds' => 2, 'roundRest' => 60, 'meets' => [['day' => 2, 'part' => 'evening', 'time' => null, 'effort' => 6]]]],
            ['PUT', "/api/people/{$who}/weeks/{$monday}", ['version' => 0, 'slots' => [['id' => 'x', 'session' => $written, 'day' => 1, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 5, 'only' => null]], 'moves' => [], 'away' => []]],
            ['POST', "/api/squads/{$squad}/sessions", []],
        ]);
        $plans = DB::table('plans')->where('person_id', $who)->pluck('slots')->all();
        $stands = array_column((array) json_decode((string) ($plans[0] ?? '[]'), true), 'id');
        sort($stands);

        return [$answers, count($plans) === 1 && $answers[0] === 200 && $answers[2] === 200 && in_array($answers[1], [200, 409], true) && $stands === ["squad-{$squad}-5", ...$answers[1] === 200 ? ['x'] : []]];
    },
    'a week laid out first by two' => static function () use ($person, $session, $together, $count, $monday): array {
        $who = $person();
        $written = $session($who);
        $lay = static fn(int $day): array => ['PUT', "/api/people/{$who}/weeks/{$monday}", ['version' => 0, 'slots' => [['id' => 'x', 'session' => $written, 'day' => $day, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 5, 'only' => null]], 'moves' => [], 'away' => []]];
        $answers = $together([$lay(1), $lay(3)]);
        sort($answers);

        return [$answers, $answers === [200, 409] && $count('plans', $who) === 1];
    },
    'a calendar set up first by two' => static function () use ($person, $together, $count): array {
        $who = $person();
        $set = static fn(string $morning): array => ['PUT', "/api/people/{$who}/calendar", ['version' => 0, 'morning' => $morning, 'midday' => '12:00', 'evening' => '18:00', 'alarmMinutes' => 30]];
        $answers = $together([$set('07:00'), $set('08:00')]);
        sort($answers);

        return [$answers, $answers === [200, 409] && $count('calendars', $who) === 1];
    },
    'two changes of one person' => static function () use ($person, $fields, $together): array {
        $who = $person();
        $change = static fn(string $name): array => ['PUT', "/api/people/{$who}", [...$fields($who), 'version' => 1, 'name' => $name]];
        $answers = $together([$change('Raced one'), $change('Raced two')]);
        sort($answers);

        return [$answers, $answers === [200, 409] && DB::table('people')->where('id', $who)->value('version') === 2];
    },
    'two limits of one person' => static function () use ($person, $fields, $together, $count): array {
        $who = $person();
        $note = static fn(string $state): array => ['PUT', "/api/people/{$who}", [...$fields($who), 'version' => 1, 'limits' => [['state' => $state, 'side' => 'left', 'note' => '', 'since' => null]]]];
        $answers = $together([$note('shoulder-pain'), $note('wrist-pain')]);
        sort($answers);

        return [$answers, $answers === [200, 409] && $count('person_limits', $who) === 1];
    },
    'one person shared with a reader by two' => static function () use ($person, $together, $reader): array {
        $who = $person();
        $share = static fn(string $part): array => ['PUT', "/api/people/{$who}/readers/{$reader}", ['parts' => [$part], 'until' => null]];
        $answers = $together([$share('tests'), $share('done')]);
        $rows = DB::table('readerships')->where('person_id', $who);

        return [$answers, $answers === [200, 200] && $rows->count() === 2 && $rows->whereNull('ended_at')->count() === 1];
    },
    'two set-ups of one rung' => static function () use ($person, $together, $count): array {
        $who = $person();
        $set = static fn(string $text): array => ['PUT', "/api/people/{$who}/set-ups", ['rung' => 'front-plank/forearms-knees', 'text' => $text, 'version' => 0]];
        $answers = $together([$set('on the low bench'), $set('on the high bench')]);
        sort($answers);

        return [$answers, $answers === [200, 409] && $count('set_ups', $who) === 1];
    },
];
$bad = 0;
foreach ($kinds as $name => $round) {
    $wrong = [];
    for ($n = 0; $n < $rounds; $n++) {
        [$answers, $isRight] = $round();
        if (! $isRight) {
            $wrong[] = implode('+', $answers);
        }
    }
    $bad += count($wrong);
    printf("%-40s %d of %d rounds wrong%s\n", $name, count($wrong), $rounds, $wrong === [] ? '' : ': '.implode(', ', array_unique($wrong)));
}
$lines = DB::table('people')->leftJoin('person_lines', 'person_lines.person_id', '=', 'people.id')->where(static fn($query) => $query->whereNull('person_lines.records')->orWhereColumn('person_lines.records', '!=', 'people.records'))->count();
printf("%-40s %d of %d\n", 'lines that are not the newest', $lines, DB::table('people')->count());
exit($bad + $lines > 0 ? 1 : 0);
