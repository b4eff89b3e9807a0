<?php

declare(strict_types=1);

// The preview endpoint against a bare JSON route in the same middleware group, on the same server, in the
// same run: requests take turns, so that a busy machine slows both. Printed, never asserted.
[, $base] = $argv;

$jar = tempnam(sys_get_temp_dir(), 'even-rungs-jar');
$curl = curl_init();
curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar]);
$ask = static function (string $method, string $path, ?array $body = null) use ($curl, $base): array {
    $token = '';
    foreach (curl_getinfo($curl, CURLINFO_COOKIELIST) as $line) {
        $parts = explode("\t", $line);
        $token = ($parts[5] ?? '') === 'XSRF-TOKEN' ? urldecode($parts[6]) : $token;
    }
    curl_setopt_array($curl, [
        CURLOPT_URL => $base.$path, CURLOPT_CUSTOMREQUEST => $method,
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: {$token}"],
        CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body),
    ]);
    $text = (string) curl_exec($curl);
    $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);

    return [$status, json_decode($text, true), curl_getinfo($curl, CURLINFO_TOTAL_TIME_T) / 1000];
};
$ask('GET', '/sign-in');
[$status] = $ask('POST', '/api/sign-in', ['email' => 'wren@tarn-row.example', 'password' => 'even-rungs-demo']);
$status === 200 || exit("The demo sign-in failed ({$status}).\n");
$person = array_values(array_filter($ask('GET', '/api/bench')[1]['lines'], static fn(array $line): bool => $line['name'] === 'Corvin Strake'))[0]['id'];

$rungs = ['front-plank/forearms-toes' => '3x(4x10s/5) r30', 'side-bridge/knees-bent' => '2x20s/side', 'all-fours/opposite-short' => '2x10/side 1-0-1-3', 'press-out/standing' => '3x12/side 2-1-2-0'];
$blocks = [];
for ($n = 0; $n < 3; $n++) {
    foreach ($rungs as $rung => $dose) {
        $blocks[] = ['kind' => 'straight', 'items' => [['id' => 'i'.count($blocks), 'rung' => $rung, 'dose' => $dose]], 'gapSeconds' => [], 'roundRestSeconds' => 0];
    }
}
$times = ['bare' => [], 'preview' => []];
for ($round = 0; $round < 140; $round++) {
    foreach (['bare' => ['/api/ping', []], 'preview' => ["/api/people/{$person}/sessions/preview", ['blocks' => $blocks]]] as $name => [$path, $body]) {
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
printf("preview of 12 exercises, median of 120                   %.1f ms\n", $preview);
printf("preview : bare                                           %.2f (aim: at most 2)\n", $preview / $bare);
unlink($jar);
