<?php

declare(strict_types=1);

// How long somebody waits for a view over a slow network (1.6 Mbit/s, 300 ms a round trip) with nothing kept from an
// earlier visit, behind nginx and PHP-FPM: until there is something to read, and until the view is ready. Printed, never
// asserted. The limits are the browser's own, applied to each request.
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\Browser\Support\Chromium;

require dirname(__DIR__, 2).'/vendor/autoload.php';

[, $base] = $argv;
$browser = Chromium::at($base);
$tools = new ChromeDevToolsDriver($browser->driver);
// What had to come for what is seen: the scripts, packed, in kB.
$script = static fn(): float => (float) $browser->driver->executeScript('return performance.getEntriesByType("resource").filter((one) => one.name.endsWith(".js")).reduce((sum, one) => sum + one.encodedBodySize, 0)') / 1000;
try {
    $browser->visit('/sign-in')->see('Password');
    printf("%-10s %.0f kB of script\n", 'sign-in', $script());
    $browser->signIn('wren@tarn-row.example', 'even-rungs-demo')->see('Maud Ferrick');
    $ids = (array) $browser->driver->executeScript('return Object.fromEntries([...document.querySelectorAll("main li a")].map((a) => [a.textContent, a.pathname.split("/")[2]]))');
    $maud = '/people/'.$ids['Maud Ferrick'];
    $corvin = '/people/'.$ids['Corvin Strake'];
    $views = [
        'bench' => ['/', 'Maud Ferrick'], 'person' => ["{$maud}/person", 'Where, and with what kit'], 'checks' => ["{$maud}/checks", 'Where to start'],
        'board' => ["{$maud}/board", 'Gate'], 'session' => ["{$maud}/session", 'Where the work falls'], 'week' => ["{$maud}/week", 'What each demand gets'],
        'weeks' => ["{$corvin}/weeks", 'Make the weeks'], 'sheet' => ["{$corvin}/sheet", 'Easier today'], 'coach' => ["{$corvin}/coach", 'in all'], 'review' => ["{$maud}/review", 'Confirm'],
    ];
    $tools->execute('Network.enable');
    $tools->execute('Network.emulateNetworkConditions', ['offline' => false, 'latency' => 300, 'downloadThroughput' => 200_000, 'uploadThroughput' => 200_000]);
    foreach ($views as $name => [$path, $wait]) {
        $tools->execute('Network.clearBrowserCache');
        $browser->driver->get('about:blank');
        $browser->visit($path)->see($wait);
        $ready = $browser->driver->executeScript('return performance.now()');
        $seen = (array) $browser->driver->executeScript('const paint = performance.getEntriesByName("first-contentful-paint")[0]; const files = performance.getEntriesByType("resource"); return [paint ? paint.startTime : 0, files.reduce((sum, one) => sum + one.encodedBodySize, 0), files.length]');
        printf("%-10s something to read %4.1f s, ready %4.1f s, %4d kB in %d files\n", $name, $seen[0] / 1000, $ready / 1000, $seen[1] / 1000, $seen[2]);
    }
} finally {
    $browser->quit();
}
