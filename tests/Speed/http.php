<?php

declare(strict_types=1);

// The preview of a circuit of twenty stations against a bare JSON route in the same middleware group, behind nginx
// and PHP-FPM with opcache, in the same run: requests take turns, so that a busy machine slows both. Printed, never asserted.
[, $base] = $argv;

require __DIR__.'/device.php';
$device = Device::signedIn($base, 'wren@tarn-row.example', 'even-rungs-demo');
$ask = static function (string $method, string $path, array $body = []) use ($device): array {
    [$status, $text, $ms] = $device->ask($method, $path, $body);

    return [$status, json_decode($text, true), $ms];
};
$person = array_values(array_filter($ask('GET', '/api/bench')[1]['lines'], static fn(array $line): bool => $line['name'] === 'Corvin Strake'))[0]['id'];

// Twenty different rungs over all ladders as they come, some of them not open to this person.
$ladders = $ask('GET', '/api/library')[1]['ladders'];
$items = [];
for ($n = 0; count($items) < 20; $n++) {
    $rungs = $ladders[$n % count($ladders)]['rungs'];
    $rung = $rungs[(intdiv(count($rungs), 2) + intdiv($n, count($ladders))) % count($rungs)];
    $items[] = ['id' => "i{$n}", 'rung' => $rung['slug'], 'dose' => $rung['dose']];
}
$blocks = [['kind' => 'circuit', 'part' => 'main', 'items' => $items, 'gapSeconds' => array_fill(0, count($items) - 1, 30), 'roundRestSeconds' => 60]];
$times = ['bare' => [], 'preview' => []];
for ($round = 0; $round < 140; $round++) {
    foreach (['bare' => ['/api/ping', []], 'preview' => ["/api/people/{$person}/sessions/preview", ['minutes' => null, 'blocks' => $blocks]]] as $name => [$path, $body]) {
        [$status, , $ms] = $ask('POST', $path, $body);
        $status === 200 || exit("{$path} answered {$status}.\n");
        if ($round >= 20) {
            $times[$name][] = $ms;
        }
    }
}
$median = static function (array $list): float {
    sort($list);

    return $list[intdiv(count($list), 2)];
};
$bare = $median($times['bare']);
$preview = $median($times['preview']);
printf("bare JSON route, median of 120                           %.1f ms\n", $bare);
printf("preview of 20 stations, median of 120                    %.1f ms\n", $preview);
printf("preview : bare                                           %.2f (docs/decisions/034)\n", $preview / $bare);

// A program of twelve weeks and four sessions, asked for at every change of a cell.
$place = static fn(int $day): array => ['id' => "day-{$day}", 'day' => $day, 'part' => 'evening', 'placement' => 'own-day', 'minutes' => 20, 'effort' => 6];
$wish = ['start' => date('Y-m-d', strtotime('next monday')), 'weeks' => 12, 'seed' => 1, 'rateTenths' => 3, 'slots' => array_map($place, [1, 3, 5, 6]), 'rungs' => [], 'doses' => [], 'sets' => [], 'without' => []];
$proposals = [];
for ($round = 0; $round < 6; $round++) {
    [$status, , $ms] = $ask('POST', "/api/people/{$person}/program/proposal", ['wish' => $wish]);
    $status === 200 || exit("The proposal answered {$status}.\n");
    $proposals[] = $ms;
}
printf("proposal of 12 weeks and 4 sessions, median of 6         %.0f ms\n", $median($proposals));
printf("proposal : bare                                          %.0f\n", $median($proposals) / $bare);
