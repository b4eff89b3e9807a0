<?php

declare(strict_types=1);

// Guesses at links, for bin/guesses: tokens of the right form, from many addresses of this machine.

use App\Models\HomeLink;
use App\Models\Scopes\PracticeScope;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../../vendor/autoload.php';
(require __DIR__.'/../../bootstrap/app.php')->make(Kernel::class)->bootstrap();
[, $base, $many] = $argv;
const AT_ONCE = 2;
const EVERY = 250;

$link = static function (): string {
    $person = DB::table('people')->first();
    $user = DB::table('users')->where('practice_id', $person->practice_id)->value('id');
    $token = HomeLink::newToken();
    PracticeScope::actingFor($person->practice_id, static fn() => HomeLink::query()->create(['person_id' => $person->id, 'user_id' => $user, 'token' => HomeLink::hash($token), 'expires_at' => now()->addWeeks(HomeLink::WEEKS)]));

    return $token;
};
$guest = static function (string $from) use ($base): CurlHandle {
    $curl = curl_init();
    curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_URL => "{$base}/home", CURLOPT_INTERFACE => $from]);
    curl_exec($curl);

    return $curl;
};
// Each answer brings another token against writing from elsewhere: the next guess sends that one.
$open = static function (CurlHandle $curl, string $token) use ($base): CurlHandle {
    $own = '';
    foreach (curl_getinfo($curl, CURLINFO_COOKIELIST) as $line) {
        $parts = explode("\t", $line);
        $own = ($parts[5] ?? '') === 'XSRF-TOKEN' ? urldecode($parts[6] ?? '') : $own;
    }
    curl_setopt($curl, CURLOPT_HTTPHEADER, ['Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: {$own}"]);
    curl_setopt_array($curl, [CURLOPT_URL => "{$base}/api/home/open", CURLOPT_CUSTOMREQUEST => 'POST', CURLOPT_POSTFIELDS => json_encode(['token' => $token])]);

    return $curl;
};

// Somebody with a link of their own, at an address of their own.
$own = $guest('127.0.1.1');
curl_exec($open($own, $link()));
curl_setopt_array($own, [CURLOPT_URL => "{$base}/api/home", CURLOPT_CUSTOMREQUEST => 'GET', CURLOPT_POSTFIELDS => null, CURLOPT_HTTPGET => true]);
$ask = static function () use ($own): float {
    $began = hrtime(true);
    curl_exec($own);
    curl_getinfo($own, CURLINFO_RESPONSE_CODE) === 200 || exit("The page of the link did not open.\n");

    return (hrtime(true) - $began) / 1e6;
};
$middle = static function (array $times): float {
    sort($times);

    return $times[intdiv(count($times), 2)];
};
// The page is limited to 120 a minute, as it is for everybody.
$pause = static fn() => usleep(520_000);
$quiet = [];
for ($n = 0; $n < 30; $n++) {
    $quiet[] = $ask();
    $pause();
}

$guests = array_map(static fn(int $n): CurlHandle => $guest('127.0.2.'.($n + 1)), range(0, 249));
$answers = $meanwhile = [];
$found = 0;
$multi = curl_multi_init();
$free = $guests;
shuffle($free);
$asked = hrtime(true);
for ($sent = $done = 0; $done < (int) $many;) {
    while ($sent < (int) $many && $sent - $done < AT_ONCE) {
        curl_multi_add_handle($multi, $open(array_shift($free), HomeLink::newToken()));
        $sent++;
    }
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.05);
    while ($ended = curl_multi_info_read($multi)) {
        $curl = $ended['handle'];
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        $answers[$status] = ($answers[$status] ?? 0) + 1;
        $found += array_filter(curl_getinfo($curl, CURLINFO_COOKIELIST), static fn(string $line): bool => str_contains($line, "\teven_rungs_home\t")) === [] ? 0 : 1;
        curl_multi_remove_handle($multi, $curl);
        $free[] = $curl;
        $done++;
        if ($done % EVERY === 0 && hrtime(true) - $asked > 520e6) {
            $asked = hrtime(true);
            $meanwhile[] = $ask();
        }
    }
}
ksort($answers);
printf("%d guesses, answered %s\n", $many, implode(', ', array_map(static fn(int $status, int $count): string => "{$status}: {$count}", array_keys($answers), $answers)));
printf("found: %d; devices let in: %d, one of them by its own link\n", $found, DB::table('home_devices')->count());
printf("a page by its own link, meanwhile ÷ quiet: %.2f (%d and %d times asked)\n", $middle($meanwhile === [] ? [NAN] : $meanwhile) / $middle($quiet), count($meanwhile), count($quiet));
exit($found === 0 && DB::table('home_devices')->count() === 1 ? 0 : 1);
