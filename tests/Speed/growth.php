<?php

declare(strict_types=1);

// Each view asked for with few people and with many, and of a person with years of records: medians of one run in which
// the requests take turns, so that a busy machine slows all of them. Printed, never asserted.
[, $small, $large] = $argv;
$rounds = (int) ($argv[3] ?? 15);

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/device.php';
$found = static function (Device $device, string $name): string {
    [$status, $text] = $device->ask('GET', '/api/people?q='.rawurlencode($name));
    $status === 200 || exit("The list of people answered {$status}.\n");
    foreach (json_decode($text, true)['people'] as $line) {
        if ($line['name'] === $name) {
            return $line['id'];
        }
    }
    exit("{$name} was not found.\n");
};
$clients = $readers = $people = [];
foreach (['small' => $small, 'large' => $large] as $size => $base) {
    $clients[$size] = Device::signedIn($base, 'load@load-hall.example', 'even-rungs-load');
    $readers[$size] = Device::signedIn($base, 'reader@load-hall.example', 'even-rungs-load');
    $people[$size] = $found($clients[$size], 'Typical Pellow');
}
$heavy = $found($clients['large'], 'Heavy Yearling');
// Eight people who train together: of few, of many, and with the one of years among them.
$squads = [];
foreach (['small' => $people['small'], 'large' => $people['large'], 'heavy' => $heavy] as $kind => $person) {
    $device = $clients[$kind === 'small' ? 'small' : 'large'];
    $others = array_column(json_decode($device->ask('GET', '/api/people')[1], true)['people'], 'id');
    $squads[$kind] = strtolower((string) Symfony\Component\Uid\Ulid::generate());
    [$status, $text] = $device->ask('POST', '/api/squads', ['id' => $squads[$kind], 'name' => "Squad, {$kind}", 'people' => array_slice([$person, ...array_diff($others, [$person, $heavy])], 0, 8)]);
    $status === 201 || exit("The squad answered {$status}: {$text}\n");
}
$session = static fn(Device $device, string $person): string => json_decode($device->ask('GET', "/api/people/{$person}/sessions")[1], true)['sessions'][0]['id'];
$monday = date('Y-m-d', strtotime('monday this week'));
$draft = ['minutes' => null, 'blocks' => [['kind' => 'straight', 'part' => 'main', 'items' => [['id' => 'a', 'rung' => 'front-plank/forearms-toes', 'dose' => '3x20s']], 'gapSeconds' => [], 'roundRestSeconds' => 0]]];

// Of everybody, and of one person; {s} is a session of theirs. Looked for is somebody who is one of both practices.
$asked = [
    'bench' => ['GET', '/api/bench', null], 'people' => ['GET', '/api/people', null], 'people, searched' => ['GET', '/api/people?q=typical%20pel', null],
    'person' => ['GET', '/api/people/{p}', null], 'checks' => ['GET', '/api/people/{p}/checks', null], 'board' => ['GET', '/api/people/{p}/board', null],
    'path' => ['GET', '/api/people/{p}/path', null], 'sessions' => ['GET', '/api/people/{p}/sessions', null], 'templates' => ['GET', '/api/people/{p}/sessions/templates', null],
    'next doses' => ['GET', '/api/people/{p}/sessions/next-doses', null], 'session' => ['GET', '/api/people/{p}/sessions/{s}', null],
    'from the board' => ['POST', '/api/people/{p}/sessions/start', ['from' => 'board']], 'preview' => ['POST', '/api/people/{p}/sessions/preview', $draft],
    'sheet' => ['GET', '/api/people/{p}/sessions/{s}/sheet', null], 'cue sheet' => ['GET', '/api/people/{p}/sessions/{s}/cues', null],
    'week' => ['GET', "/api/people/{p}/weeks/{$monday}", null], 'weeks' => ['GET', '/api/people/{p}/program', null], 'calendar' => ['GET', '/api/people/{p}/calendar/file', null],
    'squads' => ['GET', '/api/squads', null], 'squad of eight' => ['GET', '/api/squads/{q}', null],
    'reading' => ['GET', '/api/reading', null], 'read' => ['GET', '/api/reading/{p}', null],
    'review' => ['GET', '/api/people/{p}/review', null], 'method trial' => ['GET', '/api/people/{p}/method', null],
];
$times = $bytes = [];
for ($round = -2; $round < $rounds; $round++) {
    foreach ($asked as $name => [$method, $path, $body]) {
        foreach (['small' => $people['small'], 'large' => $people['large'], 'heavy' => $heavy] as $kind => $person) {
            if ($kind === 'heavy' && ! str_contains($path, '{p}') && ! str_contains($path, '{q}')) {
                continue;
            }
            $size = $kind === 'small' ? 'small' : 'large';
            static $sessions = [];
            $sessions[$kind] ??= $session($clients[$size], $person);
            $device = (str_starts_with($path, '/api/reading') ? $readers : $clients)[$size];
            [$status, $text, $ms] = $device->ask($method, strtr($path, ['{p}' => $person, '{s}' => $sessions[$kind], '{q}' => $squads[$kind]]), $body ?? []);
            $status === 200 || exit("{$name} answered {$status}: ".substr($text, 0, 300)."\n");
            $bytes[$name] = max($bytes[$name] ?? 0, strlen($text));
            if ($round >= 0) {
                $times[$name][$kind][] = $ms;
            }
        }
    }
}
$median = static function (array $list): float {
    sort($list);

    return $list[intdiv(count($list), 2)];
};
printf("%-18s %9s %9s %9s %12s %14s %9s\n", '', 'few', 'many', 'heavy', 'many : few', 'heavy : many', 'kB');
foreach ($times as $name => $kinds) {
    $ms = array_map($median, $kinds);
    printf("%-18s %6.1f ms %6.1f ms %9s %12.2f %14s %9.1f\n", $name, $ms['small'], $ms['large'], isset($ms['heavy']) ? sprintf('%6.1f ms', $ms['heavy']) : '', $ms['large'] / $ms['small'], isset($ms['heavy']) ? sprintf('%.2f', $ms['heavy'] / $ms['large']) : '', $bytes[$name] / 1000);
}
echo "aims: many : few at most 1.15, heavy : many at most 1.3, at most 100 kB; a worker had at most 64 MB\n";
