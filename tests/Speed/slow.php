<?php

declare(strict_types=1);

// On a processor slowed down four times, as a phone or an old tablet is: how long it takes until a view is there, from a
// key to new totals with twenty exercises, from cell to cell of the score, how many frames a walk over the board has, and
// how long it takes from a cold start without a network. Printed, never asserted.
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Chromium;

require dirname(__DIR__, 2).'/vendor/autoload.php';

[, $base] = $argv;
$browser = Chromium::at($base);
$driver = $browser->driver;
$at = static function (array $list, float $part): float {
    sort($list);

    return $list[(int) floor($part * (count($list) - 1))];
};
try {
    $browser->size(1280, 800)->signIn('wren@tarn-row.example', 'even-rungs-demo')->see('Corvin Strake');
    $person = $driver->executeScript('return [...document.querySelectorAll("main li a")].find((a) => a.textContent === "Corvin Strake").pathname.replace(/\/[^/]*$/, "")');
    $tools = new ChromeDevToolsDriver($driver);
    $tools->execute('Emulation.setCPUThrottlingRate', ['rate' => 4]);

    foreach (['/' => 'Corvin Strake', "{$person}/board" => 'Gate', "{$person}/session" => 'Where the work falls', "{$person}/week" => 'Place', "{$person}/coach" => 'bench'] as $path => $text) {
        $ready = [];
        for ($n = 0; $n < 5; $n++) {
            $browser->visit($path)->see($text);
            $ready[] = $driver->executeScript('return performance.now()');
        }
        printf("%-52s %.0f ms after it was asked for\n", 'ready, at four times slowed: '.preg_replace('#^/people/[^/]+#', '', (string) $path), $at($ready, 0.5));
    }

    // A session of twenty exercises, made for this and let go of afterwards.
    $session = $driver->executeAsyncScript(<<<'JS'
        const done = arguments[arguments.length - 1];
        const person = location.pathname.split('/')[2];
        const headers = () => ({ Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]) });
        const id = [...crypto.getRandomValues(new Uint8Array(26))].map((byte, at) => '0123456789abcdefghjkmnpqrstvwxyz'[at === 0 ? 0 : byte % 32]).join('');
        fetch('/api/library', { headers: headers() }).then((answer) => answer.json()).then(async ({ ladders }) => {
          const rungs = ladders.flatMap(({ rungs }) => rungs.slice(0, 3));
          // What the method of this person puts away is left out when it is refused.
          for (;;) {
            const blocks = rungs.slice(0, 20).map((rung, at) => ({ kind: 'straight', part: 'main', items: [{ id: `i${at}`, rung: rung.slug, dose: rung.dose }], gapSeconds: [], roundRestSeconds: 0 }));
            const answer = await fetch(`/api/people/${person}/sessions`, { method: 'POST', headers: headers(), body: JSON.stringify({ id, version: 0, title: 'Twenty', minutes: null, blocks }) });
            if (answer.status === 201) return done(id);
            const at = /^blocks\.(\d+)\./.exec(Object.keys((await answer.json()).fields)[0] ?? '');
            if (!at || rungs.length <= 20) return done('refused');
            rungs.splice(Number(at[1]), 1);
          }
        });
    JS);
    is_string($session) && strlen($session) === 26 || exit("The session of twenty: {$session}\n");

    $browser->visit("{$person}/board")->see('Gate');
    $driver->executeScript('document.querySelector("[role=option][tabindex=\"0\"]").focus()');
    $driver->executeScript('window.frames_ = []; window.counting_ = true; (function next(now) { window.frames_.push(now); if (window.counting_) requestAnimationFrame(next); })(performance.now())');
    for ($step = 0; $step < 30; $step++) {
        $browser->keys($step % 12 < 6 ? WebDriverKeys::ARROW_RIGHT : WebDriverKeys::ARROW_LEFT);
    }
    $times = $driver->executeScript('window.counting_ = false; return window.frames_');
    printf("board walked by keys, at four times slowed           %.0f frames a second\n", 1000 * (count($times) - 1) / (end($times) - $times[0]));

    // From a key until what it changes is drawn, in the composer, on the board and in the score. The browser's own account
    // (event timing) now and then waits for a later frame, where the one at hand changes little.
    $measure = static function (callable $press, int $rounds) use ($driver, $at): array {
        $driver->executeScript('window.drawn_ = []; window.heard_ ??= addEventListener("keydown", ({ timeStamp }) => requestAnimationFrame(() => { const { port1, port2 } = new MessageChannel(); port1.onmessage = () => window.drawn_.push(performance.now() - timeStamp); port2.postMessage(0); }), true) ?? true');
        for ($n = 0; $n < $rounds; $n++) {
            $press($n);
            usleep(120_000);
        }
        $found = $driver->executeScript('return window.drawn_');

        return $found === [] ? [0.0, 0.0] : [$at($found, 0.5), $at($found, 0.95)];
    };
    [$half, $most] = $measure(static fn(int $n) => $browser->keys($n % 12 < 6 ? WebDriverKeys::ARROW_RIGHT : WebDriverKeys::ARROW_LEFT), 24);
    printf("board, from key to frame                             %.0f ms, p95 %.0f ms\n", $half, $most);
    $browser->visit("{$person}/session?s={$session}")->see('Where the work falls');
    $driver->executeScript('document.querySelector("[aria-label^=\"Dose of\"]").focus()');
    [$half, $most] = $measure(static fn(int $n) => $browser->keys(['1', WebDriverKeys::BACKSPACE][$n % 2]), 24);
    printf("composer, from key to frame                          %.0f ms, p95 %.0f ms\n", $half, $most);
    $driver->executeAsyncScript('const done = arguments[1]; fetch(`/api/people/${location.pathname.split("/")[2]}/sessions/${arguments[0]}`, { method: "DELETE", headers: { Accept: "application/json", "X-XSRF-TOKEN": decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]) } }).then(done)', [$session]);

    // The score of a program: of the demo's people the first who has one.
    foreach ($driver->executeAsyncScript('const done = arguments[0]; fetch("/api/bench", { headers: { Accept: "application/json" } }).then((answer) => answer.json()).then(({ lines }) => done(lines.map(({ id }) => id)))') as $id) {
        $browser->visit("/people/{$id}/weeks")->see('Weeks');
        usleep(2_500_000);
        if ($browser->driver->executeScript('return document.querySelectorAll("[data-cell]").length') > 40) {
            $driver->executeScript('document.querySelectorAll("[data-cell]")[document.querySelectorAll("[data-cell^=\" \"]").length + 2].focus()');
            [$half, $most] = $measure(static fn(int $n) => $browser->keys([WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_LEFT, WebDriverKeys::ARROW_UP][intdiv($n, 3) % 4]), 24);
            printf("score, from cell to cell                             %.0f ms, p95 %.0f ms\n", $half, $most);
            break;
        }
    }

    // Without a network: what was kept, from a page that is opened anew until the code is asked for, and from the code on.
    $browser->visit('/');
    $driver->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
    $browser->press('Keep today’s people on this device');
    foreach (['Device code, 6 figures or more', 'The same once more'] as $field) {
        $browser->label($field)->sendKeys('246813');
    }
    $browser->press('Keep today’s people here')->see('Kept on this device until');
    $asked = $shown = [];
    for ($n = 0; $n < 5; $n++) {
        $browser->offline(true)->visit('/')->see('Device code of');
        $asked[] = $driver->executeScript('return performance.now()');
        $driver->executeScript('window.code_ = performance.now()');
        $browser->label('Device code of Wren Aldous')->sendKeys('246813'.WebDriverKeys::ENTER);
        $browser->see('No network')->see('Corvin Strake');
        $shown[] = $driver->executeScript('return performance.now() - window.code_');
        $browser->offline(false);
    }
    printf("%-52s %.0f ms until the code is asked for, %.0f ms from the code to the bench\n", 'cold without a network, at four times slowed', $at($asked, 0.5), $at($shown, 0.5));
} finally {
    $browser->quit();
}
